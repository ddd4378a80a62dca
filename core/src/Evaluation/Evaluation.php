<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Conduit\Bundles;
use Dinghy\Conduit\Ducts;
use Dinghy\Overcurrent\Conductors;
use Dinghy\Overcurrent\WarmWires;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Unchecked;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Standby;
use Dinghy\Wiring\Wiring;

/** Everything Dinghy has to say about one plan. The only output of the core. */
final readonly class Evaluation
{
    public States $states;

    /** what lies in each way */
    public Ducts $ducts;

    /** @var list<DeviceVolts> */
    public array $devices;

    /** @var list<BankFigures> */
    public array $banks;

    /** @var list<MeterPoint> */
    public array $meterPoints;

    /** @var list<Finding> by level, rule, part */
    public array $findings;

    /** @var list<Unchecked> */
    public array $unchecked;

    public Wiring $wiring;

    /** @var array<string, SizedRun> by id */
    public array $runs;

    public WarmWires $warm;

    /** how many conductors lie together in tubes */
    public Bundles $bundles;

    private function __construct(public Plan $plan, Settling $settled, public QuantityFormatter $words)
    {
        $this->wiring = $settled->wiring;
        $this->runs = $settled->runs;
        $this->states = $settled->states;
        $this->ducts = $settled->ducts;
        $this->bundles = $settled->bundles;
        $conductors = Conductors::of($plan, $this->runs);
        $this->warm = new WarmWires($this->wiring, $conductors, $this->states);
        $this->devices = array_map($this->device(...), array_values($plan->devices));
        $this->banks = array_map($this->bank(...), array_values($plan->banks));
        $rest = $this->states->in(State::Rest);
        $this->meterPoints = $rest === null ? [] : MeterPoints::of($this->wiring, $rest, $this->words);
        $judgement = Judgement::of($plan, $settled, $conductors, $words);
        [$this->findings, $this->unchecked] = [$judgement->findings(), $judgement->unchecked()];
    }

    /** @param  Units|null  $units that sentences are written in; null: the plan's own */
    public static function of(Plan $plan, ?Units $units = null, NumberingEnd $countedFrom = NumberingEnd::Negative): self
    {
        return new self($plan, Settling::of($plan), new QuantityFormatter($units ?? $plan->units, $countedFrom));
    }

    /** @return list<SizedRun> */
    public function circuits(): array
    {
        return array_values(array_filter($this->runs, static fn (SizedRun $run): bool => $run->kind !== RunKind::Lead));
    }

    public function count(Level $level): int
    {
        return count(array_filter($this->findings, static fn (Finding $finding): bool => $finding->level === $level));
    }

    /** Whether it can be told what a short at the far end of a run draws. */
    public function knowsShorts(SizedRun $run): bool
    {
        return $run->length !== null && $run->nominalVolts !== null && States::firstUnknown($this->wiring->banksBehind($run)) === null;
    }

    /** @return Path|null of several the one that loses most, or one of unknown length; null: nothing feeds it */
    public function worstPathTo(Device $device): ?Path
    {
        [$worst, $path] = [null, null];
        foreach ($this->wiring->pathsTo($device) as $candidate) {
            $drop = $candidate->drop($this->runs, $this->plan->houseRules->conductorCelsius);
            if ($path === null || $drop === null || ($worst !== null && $drop > $worst)) {
                [$path, $worst] = [$candidate, $drop];
            }
        }

        return $path;
    }

    private function device(Device $device): DeviceVolts
    {
        $path = $this->worstPathTo($device);
        if ($path === null) {
            return new DeviceVolts($device, null, null, null, null, null, null);
        }
        $worst = $path->drop($this->runs, $this->plan->houseRules->conductorCelsius);
        $volts = fn (State $state): ?float => $worst !== null && States::knows($path->bank())
            ? $this->states->in($state)?->between($device->id.'+', $device->id.'-')
            : null;

        return new DeviceVolts(
            $device,
            $worst,
            $worst === null ? null : 100 * $worst / $path->nominalVolts(),
            $this->plan->houseRules->dropLimit($path->class()),
            $volts(State::Rest), $volts(State::Loaded), States::knowsCharge($path->bank()) ? $volts(State::Lowest) : null,
        );
    }

    private function bank(Bank $bank): BankFigures
    {
        $standby = Standby::of($this->wiring, $this->plan->houseRules, $bank);
        if (! States::knows($bank)) {
            return new BankFigures($bank, null, null, null, $standby);
        }
        $string = $bank->strings[0];
        $plus = $string[count($string) - 1]->id.'+';
        $minus = $string[0]->id.'-';
        $amps = $this->states->in(State::Loaded)?->sourceAmps();
        $shares = [];
        foreach ($bank->batteries() as $battery) {
            if (isset($amps[$battery->id])) {
                $shares[$battery->id] = $amps[$battery->id];
            }
        }

        return new BankFigures(
            $bank,
            $this->states->in(State::Rest)?->between($plus, $minus),
            States::knowsCharge($bank) ? $this->states->shortBetween($plus, $minus) : null,
            count($shares) < count($bank->batteries()) ? null : $shares,
            $standby,
        );
    }
}
