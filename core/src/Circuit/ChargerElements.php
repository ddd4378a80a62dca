<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;

/**
 * Chargers and converters as elements of a circuit: each output a regulator between terminals of its own, its leads, and
 * what joins its minus to others: outputs that are not isolated share one, a converter that is not isolated shares its input's.
 * Converters always work; a charger only while it charges, and until then only its joined minus is there.
 */
final readonly class ChargerElements
{
    /** @var list<Resistor> */
    public array $resistors;

    /** @var list<Regulator> */
    public array $regulators;

    /**
     * @param  float  $celsius  of the conductors
     * @param  \Closure(Charger, ChargerOutput): bool  $charges  whether an output that stands across batteries works
     */
    public function __construct(private Plan $plan, private float $celsius, \Closure $charges)
    {
        $resistors = $regulators = [];
        foreach ($plan->chargers as $charger) {
            foreach ($charger->outputs as $number => $output) {
                $works = $output->block !== null || $charges($charger, $output);
                $regulator = $works ? $this->regulator($charger, $number, $output) : null;
                if ($regulator !== null) {
                    $regulators[] = $regulator;
                    array_push($resistors, ...$this->plusLead($charger, $number, $output));
                }
                if ($regulator !== null || self::sharesMinus($charger)) {
                    $resistors[] = $this->minusLead($charger, $number, $output);
                }
            }
            if ($charger->inputFrom !== null && self::sharesMinus($charger)) {
                $resistors[] = new Resistor(
                    "{$charger->id}/common",
                    self::minusNode($charger, 0),
                    $charger->inputFrom->minusEnd()->name,
                    PlanNetwork::RING,
                );
            }
        }
        [$this->resistors, $this->regulators] = [$resistors, $regulators];
    }

    /** The node of an output's plus terminal. */
    public static function plusNode(Charger $charger, int $number): string
    {
        return "{$charger->id}/{$number}+";
    }

    /** The node of an output's minus terminal: of those that are not isolated one for all. */
    public static function minusNode(Charger $charger, int $number): string
    {
        return self::sharesMinus($charger) ? "{$charger->id}/-" : "{$charger->id}/{$number}-";
    }

    /** The name of the wire of an output's lead. */
    public static function lead(Charger $charger, int $number, string $side): string
    {
        return "{$charger->id}/{$number}/{$side}lead";
    }

    /**
     * Whether its outputs have one minus, and with what it draws on: a converter's unless it is said to be isolated, a
     * mains charger's where it is said not to be.
     */
    public static function sharesMinus(Charger $charger): bool
    {
        return $charger->inputFrom === null ? $charger->isolated === false : $charger->isolated !== true;
    }

    private function regulator(Charger $charger, int $number, ChargerOutput $output): ?Regulator
    {
        $held = $output->heldVolts();

        return $held === null ? null : new Regulator(
            "{$charger->id}/{$number}", self::plusNode($charger, $number), self::minusNode($charger, $number), $held, $output->amps,
            $charger->inputFrom?->plusPost()->name, $charger->inputFrom?->minusEnd()->name, $charger->inputFrom?->nominalVolts() ?? 12.0,
            $charger->efficiency, $number === 0 ? $charger->standbyAmps : 0.0,
        );
    }

    /** @return non-empty-list<Resistor> */
    private function plusLead(Charger $charger, int $number, ChargerOutput $output): array
    {
        $terminal = self::plusNode($charger, $number);
        $id = self::lead($charger, $number, '+');
        $ohms = $this->ohms($output);

        return $output->block === null
            ? FusedWire::of(
                $id,
                $output->across[count($output->across) - 1]->plus()->name,
                $terminal,
                $output->protection,
                $ohms,
            )
            : FusedWire::of($id, $terminal, Post::plus($output->block)->name, $output->protection, $ohms);
    }

    private function minusLead(Charger $charger, int $number, ChargerOutput $output): Resistor
    {
        if ($output->block !== null) {
            $end = Post::minus($output->block);
        } else {
            $end = $output->across[0]->minus();
            $end = $this->plan->bankOf($output->across[0]->id)?->minusEnd($end, $output->pastShunt) ?? $end;
        }

        $id = self::lead($charger, $number, '-');

        return new Resistor(
            $id,
            $end->name,
            self::minusNode($charger, $number),
            $this->ohms($output) + 2 * PlanNetwork::RING,
            $id,
            $this->ohms($output),
        );
    }

    /**
     * @param  float  $celsius  of the conductors
     * @return float Ω of both conductors of its lead and of the fuses in it
     */
    public static function ohmsOfLead(ChargerOutput $output, float $celsius): float
    {
        $ohms = 2 * self::ohmsOfConductor($output, $celsius);
        foreach ($output->protection as $fuse) {
            $ohms += $fuse->family->contactResistance($fuse->rating ?? throw new \LogicException('A fuse without rating passed the checks.'));
        }

        return $ohms;
    }

    private function ohms(ChargerOutput $output): float
    {
        return self::ohmsOfConductor($output, $this->celsius);
    }

    /** @return float Ω of one conductor of its lead */
    private static function ohmsOfConductor(ChargerOutput $output, float $celsius): float
    {
        return $output->leadGauge === null ? 0.0 : $output->leadLength * Resistance::perMetre($output->leadGauge, Metal::TinnedCopper, $celsius);
    }
}
