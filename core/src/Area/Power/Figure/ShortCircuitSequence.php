<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

use Dinghy\Circuit\State;
use Dinghy\Conductor\Heating;
use Dinghy\Conductor\ShortTime;
use Dinghy\Protection\OpeningTime;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\Formula;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;

/**
 * A dead short placed along a run: what flows, and when each fuse on the way opens, each wire's insulation is past what it
 * bears, and its copper melts. Insulation is followed as long as it takes, with what the air cools; that copper melts is told
 * as if no heat left it.
 */
final readonly class ShortCircuitSequence
{
    /** s; what has not opened by then is not a protection against a short */
    private const LONGEST = 60.0;

    /**
     * @param  float  $amps  A through the short
     * @param  list<ShortEvent>  $events  the earliest first
     * @param  bool  $coordinated  whether the protection nearest to the short opens before those upstream begin to
     */
    private function __construct(
        public float $amps,
        public array $events,
        public bool $coordinated,
    ) {
    }

    /**
     * @param  string  $id  of a feed, a branch, or a device whose factory lead is meant
     * @param  float  $along  0 at the run's source to 1 at its far end
     * @return self|null null: nothing feeds it, or lengths or batteries on the way are unknown
     */
    public static function at(SolvedBoat $boat, string $id, float $along): ?self
    {
        $run = $boat->runs[$id] ?? null;
        $upstream = $run === null ? [] : self::upstream($boat, $run);
        if ($run === null || $upstream === [] || ! $boat->knowsShorts($run)) {
            return null;
        }
        $far = self::loop($boat, $boat->states->farEnd($run));
        $near = self::loop($boat, self::wireStart($boat, $run, $upstream));
        if ($far === null || $near === null) {
            return null;
        }
        // The resistance of the loop grows evenly along a wire; what stands at its source is before it all.
        $amps = min($boat->states->mostGiven($run), $far[0] / ($near[1] + $along * ($far[1] - $near[1])));
        $events = [];
        $protections = [];
        foreach ($upstream as $wire) {
            $events[] = new ShortEvent(
                'insulation',
                $wire->id,
                (string) $wire->gauge,
                $boat->insulation->ofRun($wire, $amps),
                null,
            );
            $events[] = new ShortEvent(
                'copper',
                $wire->id,
                (string) $wire->gauge,
                ShortTime::melting($wire->gauge, $amps, $boat->plan->houseRules->ambient),
                null,
            );
            foreach ($wire->protection as $protection) {
                $protections[] = [$wire, $protection];
            }
        }
        foreach ($protections as [$wire, $protection]) {
            $opens = OpeningTime::of($protection->planned->family, $protection->rating, $amps);
            $events[] = new ShortEvent('opens', $wire->id, self::name($protection), $opens->fastest, $opens->slowest);
        }
        usort(
            $events,
            static fn (ShortEvent $a, ShortEvent $b): int => [$a->surely(), $a->what] <=> [$b->surely(), $b->what],
        );

        return new self($amps, $events, self::isCoordinated($protections, $amps));
    }

    /** What happens, in a sentence or two. */
    public function says(QuantityFormatter $words): string
    {
        $first = $this->events[0] ?? null;
        $draws = "A short here draws {$words->amps($this->amps)}";
        if ($first === null) {
            return "{$draws}.";
        }
        if ($first->what === 'opens' && $first->surely() < self::LONGEST) {
            return "{$draws}: the {$first->part} opens within {$words->seconds($first->surely())}, before any wire is spoilt."
                .($this->coordinated ? '' : ' A fuse before it may open as well.');
        }
        // By what happens, the earliest of each.
        $firsts = array_column(array_reverse($this->events), null, 'what');
        [$spoilt, $melts, $opens] = [$firsts['insulation'], $firsts['copper'], $firsts['opens'] ?? null];

        return "{$draws}: the insulation of {$spoilt->part} is spoilt after {$words->seconds($spoilt->seconds)}, its copper melts after {$words->seconds($melts->seconds)}"
            .match (true) {
                $opens === null => '; nothing opens.',
                $opens->surely() < self::LONGEST => "; the {$opens->part} may take {$words->seconds($opens->surely())}.",
                default => "; the {$opens->part} may never open.",
            };
    }

    /** @return list<SizedRun> the wires that the current passes, from the bank; the run itself last */
    private static function upstream(SolvedBoat $boat, SizedRun $run): array
    {
        foreach ($boat->wiring->paths as $path) {
            $wires = [];
            foreach ($path->circuits as $circuit) {
                $wires[] = $boat->runs[$circuit->id];
                if ($circuit->id === $run->id) {
                    return $wires;
                }
            }
            if ($path->device->id === $run->id) {
                return [...$wires, $run];
            }
        }

        return [];
    }

    /**
     * @param  array{string, string}  $nodes
     * @return array{float, float}|null V at rest and Ω of the loop that a short between two nodes closes
     */
    private static function loop(SolvedBoat $boat, array $nodes): ?array
    {
        $network = $boat->states->coldNetwork();
        $volts = $network->atRest()->between(...$nodes);
        $ohms = $network->resistanceBetween(...$nodes);

        return $volts === null || $ohms === null ? null : [$volts, $ohms];
    }

    /**
     * The nodes where the wire of a run begins: behind its fuse and switch, or where the run before it ends, or at the posts.
     *
     * @param  list<SizedRun>  $upstream
     * @return array{string, string}
     */
    private static function wireStart(SolvedBoat $boat, SizedRun $run, array $upstream): array
    {
        $segments = $boat->states->circuit(State::Loaded)->segments($run->id);
        if (count($segments) > 1) {
            $last = $segments[count($segments) - 2];

            return [$last->plus, $last->minus];
        }
        if (count($upstream) > 1) {
            return $boat->states->farEnd($upstream[count($upstream) - 2]);
        }
        $supply = $boat->plan->feeds[$run->id]->supply;

        return [(string) $supply->plus->post($supply->bank), (string) $supply->minus->post($supply->bank)];
    }

    /** @param  list<array{SizedRun, SizedProtection}>  $protections from the bank outward */
    private static function isCoordinated(array $protections, float $amps): bool
    {
        $last = array_pop($protections);
        if ($last === null) {
            return false;
        }
        $surely = OpeningTime::of($last[1]->planned->family, $last[1]->rating, $amps)->slowest;
        foreach ($protections as [, $protection]) {
            if (OpeningTime::of($protection->planned->family, $protection->rating, $amps)->fastest <= $surely) {
                return false;
            }
        }

        return ! is_infinite($surely);
    }

    private static function name(SizedProtection $protection): string
    {
        return QuantityFormatter::trim($protection->rating, 1).' A '.$protection->planned->family->label();
    }

    public static function formula(): Formula
    {
        [$insulation, $copper] = [Heating::formula(), ShortTime::meltingFormula()];

        return Formula::fromMemory("I = volts of the full bank / resistance of the loop up to the short; insulation {$insulation->says}; copper: {$copper->says}",
            "{$insulation->source}; {$copper->source}; opening times by family are working estimates");
    }
}
