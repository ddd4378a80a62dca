<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Battery\RestingVoltage;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Source\Formula;
use Dinghy\Wiring\Converter;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/** The circuit of a plan in each of its states, built and solved when first asked for. */
final class States
{
    /** °C, conductors when a short-circuit current is predicted: cold copper carries the most */
    public const COLD = 20.0;

    /** @var \WeakMap<Bank, array{bool, bool}>|null asked of each bank by every rule */
    private static ?\WeakMap $known = null;

    /** @var array<string, PlanNetwork> by state */
    private array $circuits = [];

    /** @var array<string, Network> by state */
    private array $networks = [];

    /** @var array<string, Solution|Overload> by state */
    private array $solved = [];

    /** @var array<string, float> A by the two nodes */
    private array $shorts = [];

    private readonly Plan $plan;

    private ?PlanNetwork $cold = null;

    private ?Network $coldNetwork = null;

    private ?Network $hotNetwork = null;

    /** @var array<string, Resistor>|null by name */
    private ?array $coldResistors = null;

    /** @param  array<string, SizedRun>  $runs */
    public function __construct(private readonly Wiring $wiring, private readonly array $runs)
    {
        $this->plan = $wiring->plan;
    }

    /**
     * @return Solution|null null: the banks cannot give what the devices ask for; where only some cannot, the volts of the others
     */
    public function in(State $state): ?Solution
    {
        $solved = $this->solved($state);

        return $solved instanceof Overload ? $solved->elsewhere : $solved;
    }

    /** Why there are no volts in a state, or not everywhere; null: there are. */
    public function overload(State $state): ?Overload
    {
        $solved = $this->solved($state);

        return $solved instanceof Overload ? $solved : null;
    }

    /**
     * Volts with only some devices on.
     *
     * @param  array<string, float>  $shares  by device id: share of its sizing current; what is not named is off
     */
    public function with(array $shares): Solution|Overload
    {
        return $this->circuit(State::Loaded)
            ->inState(
                self::restedVolts(...),
                static fn (Device $device): float => ($shares[$device->id] ?? 0.0) * $device->sizingAmps(),
            )
            ->networkLike($this->network(State::Loaded))->loaded();
    }

    /**
     * Volts while the engine turns, everything else but motors on.
     *
     * @param  \Closure(Battery): (float|null)  $volts  open volts; null: those it rests at
     * @return Solution|null null: there is no engine, or the batteries cannot give what is asked for
     */
    public function cranking(\Closure $volts): ?Solution
    {
        if ($this->plan->boat->engine === null) {
            return null;
        }
        $solved = $this->cranked(static fn (Battery $battery): float => $volts($battery) ?? self::restedVolts($battery))
            ->networkLike($this->network(State::Loaded))->loaded();

        return $solved instanceof Overload ? $solved->elsewhere : $solved;
    }

    public function circuit(State $state): PlanNetwork
    {
        return $this->circuits[$state->value] ??= match ($state) {
            State::Loaded => new PlanNetwork(
                $this->wiring,
                $this->runs,
                $this->plan->houseRules->conductorCelsius,
                self::restedVolts(...),
                static fn (Device $device): float => $device->sizingAmps(),
            ),
            State::Rest => $this->circuit(State::Loaded)->inState(self::restedVolts(...), static fn (): float => 0.0),
            State::Lowest => $this->circuit(State::Loaded)->inState(
                $this->floorVolts(...),
                static fn (Device $device): float => $device->peakAmps,
            ),
            State::Cranking => $this->cranked(self::restedVolts(...)),
            State::Charging => $this->whileCharging(true),
        };
    }

    /** @param  \Closure(Battery): float  $volts  open volts */
    private function cranked(\Closure $volts): PlanNetwork
    {
        return $this->circuit(State::Loaded)->inState(
            $volts,
            static fn (Device $device): float => $device->isMotor() ? 0.0 : $device->typicalAmps,
            $this->plan->boat->engine->crankingAmps ?? 0.0,
        );
    }

    public function network(State $state): Network
    {
        return $this->networks[$state->value] ??= $state === State::Loaded || $state === State::Charging
            ? $this->circuit($state)->network()
            : $this->circuit($state)->networkLike($this->network(State::Loaded));
    }

    /** The circuit of a state as a SPICE netlist. */
    public function netlist(State $state): string
    {
        return $this->circuit($state)->netlist("{$this->plan->title}, state {$state->value}");
    }

    /** @return array{string, string} the nodes at the far end of a run, plus and minus */
    public function farEnd(SizedRun $run): array
    {
        return $this->cold()->farEnd($run);
    }

    /** A through a dead short at the far end of a run: cold copper, full batteries, contacts included. */
    public function shortAtFarEnd(SizedRun $run): float
    {
        return min($this->mostGiven($run), $this->shortBetween(...$this->farEnd($run)));
    }

    /**
     * A through a dead short at the far end of a run at the least: wire as hot as its insulation bears, batteries at
     * their floor.
     */
    public function leastShortAtFarEnd(SizedRun $run): float
    {
        return min($this->mostGiven($run), $this->hotNetwork()->shortCircuitAmps(...$this->farEnd($run)));
    }

    /** A that what feeds a run can give into a short: a converter no more than its limit. */
    public function mostGiven(SizedRun $run): float
    {
        if ($this->wiring->converters === []) {
            return INF;
        }
        $most = 0.0;
        foreach ($this->wiring->pathsOver($run) as $path) {
            $most = max($most, $path->source instanceof Converter ? $path->source->output->amps : INF);
        }

        return $most > 0 ? $most : INF;
    }

    /** A through a dead short between two nodes. */
    public function shortBetween(string $plus, string $minus): float
    {
        return $this->shorts["{$plus} {$minus}"] ??= $this->coldNetwork()->shortCircuitAmps($plus, $minus);
    }

    /**
     * The network that the greatest short-circuit currents are taken from: cold copper, full batteries, nothing drawn.
     */
    public function coldNetwork(): Network
    {
        return $this->coldNetwork ??= $this->cold()->network($this->network(State::Loaded)->topology);
    }

    /** @return array<string, Resistor> of the cold network, by name */
    public function coldResistors(): array
    {
        return $this->coldResistors ??= $this->cold()->resistors();
    }

    /** The network that the least short-circuit currents are taken from. */
    public function hotNetwork(): Network
    {
        return $this->hotNetwork ??= $this->circuit(State::Loaded)->forShorts($this->floorVolts(...), false)
            ->warmed(
                fn (): float => $this->plan->houseRules->insulation,
            )->network($this->network(State::Loaded)->topology);
    }

    /**
     * What flows between banks and chargers while they charge: where no feeds join banks, those are left out.
     *
     * @return array{Solution, PlanNetwork}
     */
    public function charging(): array
    {
        $joined = $this->wiring->sharing() !== [] || $this->wiring->converters !== [];
        $circuit = $joined ? $this->circuit(State::Charging)
            : $this->whileCharging(false);

        return [$circuit->network()->atRest(), $circuit];
    }

    /**
     * Everything aboard with chosen chargers at work, nothing drawn yet.
     *
     * @param  \Closure(Charger, ChargerOutput): bool  $charges
     */
    public function whileRunning(\Closure $charges): PlanNetwork
    {
        return new PlanNetwork(
            $this->wiring,
            $this->runs,
            $this->plan->houseRules->conductorCelsius,
            self::restedVolts(...),
            static fn (): float => 0.0,
            charges: $charges,
        );
    }

    /** @param  bool  $joined  whether feeds and what hangs on them are there; else only banks, bonds and chargers */
    private function whileCharging(bool $joined): PlanNetwork
    {
        return new PlanNetwork(
            $this->wiring,
            $this->runs,
            $this->plan->houseRules->conductorCelsius,
            self::restedVolts(...),
            static fn (): float => 0.0,
            charges: static fn (): bool => true,
            joined: $joined,
        );
    }

    /**
     * Volts in the state loaded with wires as warm as is said.
     *
     * @param  array<string, float>  $celsius  by the id of a run, jumper, bond, lead or device
     */
    public function loadedAt(array $celsius): ?Solution
    {
        $usual = $this->plan->houseRules->conductorCelsius;
        $loaded = $this->circuit(State::Loaded)->warmed(static fn (string $id): float => $celsius[$id] ?? $usual)
            ->network($this->network(State::Loaded)->topology)->loaded();

        return $loaded instanceof Overload ? $loaded->elsewhere : $loaded;
    }

    /** Whether volts and resistance of every battery of a bank are known or can be estimated. */
    public static function knows(Bank $bank): bool
    {
        return self::known($bank)[0];
    }

    /**
     * Whether it is known as well what volts its batteries have full and at their floor: of other lithium only its
     * maker knows.
     */
    public static function knowsCharge(Bank $bank): bool
    {
        return self::known($bank)[1];
    }

    /**
     * @param  list<Bank>  $banks
     * @return Bank|null the first whose shorts cannot be told; null: all can
     */
    public static function firstUnknown(array $banks): ?Bank
    {
        foreach ($banks as $bank) {
            if (! self::knowsCharge($bank)) {
                return $bank;
            }
        }

        return null;
    }

    /** @return array{bool, bool} its volts and resistance; and its volts by charge */
    private static function known(Bank $bank): array
    {
        self::$known ??= new \WeakMap;
        if (! isset(self::$known[$bank])) {
            $knows = $knowsCharge = true;
            foreach ($bank->batteries() as $battery) {
                $knows = $knows && self::restingVoltsOrNull($battery) !== null && $battery->resistanceUnderLoad() !== null;
                $knowsCharge = $knowsCharge && RestingVoltage::at(
                    $battery->chemistry,
                    1.0,
                    $battery->nominalVolts,
                ) !== null;
            }
            self::$known[$bank] = [$knows, $knows && $knowsCharge];
        }

        return self::$known[$bank];
    }

    private function solved(State $state): Solution|Overload
    {
        return $this->solved[$state->value] ??= match ($state) {
            // Nothing drawn: the network of any state at rest volts says it.
            State::Rest => $this->network(State::Loaded)->atRest(),
            State::Charging => $this->network($state)->atRest(),
            default => $this->network($state)->loaded(),
        };
    }

    private static function restingVoltsOrNull(Battery $battery): ?float
    {
        return $battery->restedVolts ?? RestingVoltage::at(
            $battery->chemistry,
            $battery->stateOfCharge,
            $battery->nominalVolts,
        );
    }

    /**
     * V at rest: measured, or by its charge. Of one that nothing is known of its nominal ones stand in the network;
     * what it feeds is not reported.
     */
    public static function restedVolts(Battery $battery): float
    {
        return self::restingVoltsOrNull($battery) ?? $battery->nominalVolts;
    }

    private function floorVolts(Battery $battery): float
    {
        $floor = $this->plan->houseRules->floorOf($battery->chemistry);

        $atFloor = $floor === null ? null : RestingVoltage::at($battery->chemistry, $floor, $battery->nominalVolts);

        // One that already rests below its floor does not rise to it.
        return $atFloor === null ? self::restedVolts($battery) : min($atFloor, self::restedVolts($battery));
    }

    private static function fullVolts(Battery $battery): float
    {
        return RestingVoltage::at($battery->chemistry, 1.0, $battery->nominalVolts) ?? $battery->nominalVolts;
    }

    private function cold(): PlanNetwork
    {
        return $this->cold ??= $this->circuit(State::Loaded)->forShorts(self::fullVolts(...), true)->warmed(
            static fn (): float => self::COLD,
        );
    }

    public static function shortFormula(): Formula
    {
        return Formula::ofPractice(
            'I = volts of the full bank / resistance of the whole loop',
            'circuit solver; contact and battery resistances are working estimates',
        );
    }
}
