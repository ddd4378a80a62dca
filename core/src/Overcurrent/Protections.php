<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Circuit\ChargerElements;
use Dinghy\Circuit\FusedWire;
use Dinghy\Circuit\PlanNetwork;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Bond;
use Dinghy\Plan\Charger;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Protection;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/** Every fuse and breaker of a plan, wherever it sits, with what it protects and what can flow there. */
final class Protections
{
    /** times what flows for long, that a fuse should be at least */
    private const CONTINUOUS = 1.25;

    private readonly Plan $plan;

    /** @var array<int, float|null> V by the object id of a path's source */
    private array $highest = [];

    /** @param  array<string, SizedRun>  $runs  by id */
    private function __construct(
        private readonly Wiring $wiring,
        private readonly array $runs,
        private readonly Throughput $throughput,
        private readonly Currents $currents,
    ) {
        $this->plan = $wiring->plan;
    }

    /**
     * @param  array<string, SizedRun>  $runs  by id
     * @return list<PlacedProtection> those of feeds, then branches, strings, jumpers, bonds and chargers
     */
    public static function of(Wiring $wiring, array $runs, Throughput $throughput, Currents $currents): array
    {
        $protections = new self($wiring, $runs, $throughput, $currents);

        return [
            ...$protections->ofRuns(),
            ...$protections->ofBanks(),
            ...$protections->ofBonds(),
            ...$protections->ofChargers(),
        ];
    }

    /** @return list<PlacedProtection> */
    private function ofRuns(): array
    {
        $placed = [];
        foreach ($this->runs as $run) {
            $circuit = $run->circuit;
            if ($circuit === null || $run->protection === []) {
                continue;
            }
            $paths = $this->wiring->pathsThrough($circuit);
            $feed = $this->plan->feeds[$run->id] ?? null;
            $wire = Conductors::run($this->plan, $run);
            [$banks, $highest] = [$this->wiring->banksBehind($run), $this->highestOf($paths, $feed)];
            foreach ($run->protection as $index => $protection) {
                $placed[] = new PlacedProtection(
                    $run->kind === RunKind::Branch ? Seat::Branch : Seat::Feed, $circuit->on(), $circuit->label, $protection, $run, $index, $run->kind === RunKind::Branch ? '' : "protection.{$index}.",
                    $circuit->demand->leastRating(), max($run->amps, $run->peakAmps), [$wire], $banks, $highest, $circuit->from,
                    PlanNetwork::protectionElement($run, $index), null,
                );
            }
        }

        return $placed;
    }

    /** @param  list<Path>  $paths */
    private function highestOf(array $paths, ?Feed $feed): ?float
    {
        $highest = $feed === null ? null : $this->highest[spl_object_id($feed)] ??= $feed->supply->highestVolts();
        foreach ($paths as $path) {
            $of = $this->highest[spl_object_id($path->source)] ??= $path->highestVolts();
            if ($of === null) {
                return null;
            }
            $highest = max($highest ?? $of, $of);
        }

        return $highest;
    }

    /** @return list<PlacedProtection> */
    private function ofBanks(): array
    {
        $placed = [];
        foreach ($this->plan->banks as $bank) {
            $wires = $bank->wires();
            if ($bank->stringProtection !== null) {
                foreach ($bank->strings as $number => $string) {
                    $top = $string[count($string) - 1];
                    $behind = [];
                    foreach ($wires as $at => $wire) {
                        // What lies in the string, and what leads from its top post: the fuse stands between both and the battery.
                        if ($bank->stringOf($wire->from) === $number && $bank->isWithinString($wire) || $wire->from->is($top->plus()) || $wire->to->is($top->plus())) {
                            $behind[] = Conductors::jumper($this->plan, $bank, $wire, $at);
                        }
                    }
                    $placed[] = $this->inBank(Seat::BatteryString, $bank, $bank->stringProtection, 0, 'string_protection.', "bank:{$bank->id}", 'string '.($number + 1)." of {$bank->label()}",
                        "{$top->id}/string fuse", $behind, $top->station);
                }
            }
            foreach ($wires as $at => $wire) {
                foreach ($wire->protection as $index => $protection) {
                    $placed[] = $this->inBank(Seat::Jumper, $bank, $protection, $index, "jumpers.{$at}.protection.{$index}.", "bank:{$bank->id}", 'jumper '.($at + 1)." of {$bank->label()}",
                        FusedWire::name($wire->id, $index), [
                            Conductors::jumper($this->plan, $bank, $wire, $at),
                        ], $this->plan->batteries[$wire->from->part]->station);
                }
            }
        }

        return $placed;
    }

    /** @param  list<PlacedConductor>  $behind */
    private function inBank(
        Seat $seat,
        Bank $bank,
        Protection $protection,
        int $index,
        string $field,
        string $on,
        string $where,
        string $element,
        array $behind,
        ?string $station,
    ): PlacedProtection {
        return new PlacedProtection(
            $seat, $on, $where, self::given($protection), null, $index, $field,
            $this->throughput->through(
                $bank,
                $element,
                static fn (SizedRun $feed): float => $feed->circuit?->demand->leastRating() ?? 0.0,
            ),
            $this->throughput->through(
                $bank,
                $element,
                static fn (SizedRun $feed): float => max($feed->amps, $feed->peakAmps),
            ),
            $behind, [$bank], self::highest($bank), $station, $element, $bank->negativePost()->name,
        );
    }

    /** @return list<PlacedProtection> */
    private function ofBonds(): array
    {
        $placed = [];
        foreach ($this->plan->bonds as $bond) {
            foreach ($bond->protection as $index => $protection) {
                $placed[] = $this->inBond($bond, $protection, $index);
            }
        }

        return $placed;
    }

    private function inBond(Bond $bond, Protection $protection, int $index): PlacedProtection
    {
        $flows = $this->currents->most($bond->id);
        $highest = [self::highest($bond->from), self::highest($bond->to)];

        return new PlacedProtection(
            Seat::Bond, "bond:{$bond->id}", $bond->label(), self::given($protection), null, $index, "protection.{$index}.",
            $flows === null ? null : self::CONTINUOUS * $flows, $flows, [
                Conductors::bond($this->plan, $bond),
            ], [$bond->from, $bond->to],
            in_array(null, $highest, true) ? null : max($highest), $bond->from->strings[0][0]->station, FusedWire::name($bond->id, $index), null,
        );
    }

    /** @return list<PlacedProtection> */
    private function ofChargers(): array
    {
        $placed = [];
        foreach ($this->plan->chargers as $charger) {
            foreach ($charger->outputs as $number => $output) {
                foreach ($output->protection as $index => $protection) {
                    $placed[] = $this->inCharger($charger, $number, $protection, $index);
                }
            }
        }

        return $placed;
    }

    private function inCharger(Charger $charger, int $number, Protection $protection, int $index): PlacedProtection
    {
        $output = $charger->outputs[$number];
        $bank = $output->across === [] ? null : $this->plan->bankOf($output->across[0]->id);
        $lead = Conductors::lead($this->plan, $charger, $number);
        $id = ChargerElements::lead($charger, $number, '+');

        return new PlacedProtection(
            Seat::ChargerLead, "charger:{$charger->id}", 'output '.($number + 1)." of {$charger->label()}", self::given($protection), null, $index, "outputs.{$number}.protection.{$index}.",
            self::CONTINUOUS * $output->amps, $output->amps, $lead === null ? [] : [$lead],
            array_filter([$bank ?? $charger->inputFrom?->bank]), $output->heldVolts(),
            $output->across === [] ? $this->plan->blocks[(string) $output->block]->station : $output->across[0]->station,
            FusedWire::name($id, $index), $output->across === [] ? null : $output->across[0]->minus()->name, $output,
        );
    }

    private static function highest(Bank $bank): ?float
    {
        $sum = 0.0;
        foreach ($bank->strings[0] as $battery) {
            $of = $battery->highestChargingVolts();
            if ($of === null) {
                return null;
            }
            $sum += $of;
        }

        return $sum;
    }

    private static function given(Protection $protection): SizedProtection
    {
        return new SizedProtection(
            $protection,
            $protection->rating ?? throw new \LogicException('A fuse without rating passed the checks.'),
            false,
        );
    }
}
