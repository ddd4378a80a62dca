<?php

declare(strict_types=1);

namespace Dinghy\Solving;

use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Conductor\Ampacity;
use Dinghy\Conduit\Bundles;
use Dinghy\Conduit\Ducts;
use Dinghy\Plan\Plan;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Sizing;
use Dinghy\Wiring\Wiring;

/**
 * What a run is sized for follows in part from how all runs are sized: how feeds share one block, and which conductors lie
 * together in a tube. Both are taken from the boat as sized so far, until nothing changes.
 */
final readonly class Settling
{
    private const ROUNDS = 6;

    /** Share of a block's current that may still move. */
    private const SETTLED = 1e-9;

    /** @param  array<string, SizedRun>  $runs  by id */
    private function __construct(
        public Wiring $wiring,
        public array $runs,
        public States $states,
        public Ducts $ducts,
        public Bundles $bundles,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $wiring = Wiring::of($plan);
        $groups = $wiring->sharing();
        $shares = self::byLength($wiring, $groups);
        $together = [];
        for ($round = 1; ; $round++) {
            $lying = $shares === [] && $together === [] ? $wiring : $wiring->lying($shares, $together);
            $runs = (new Sizing($lying))->runs();
            $states = new States($lying, $runs);
            $ducts = new Ducts($plan, $runs);
            $bundles = Bundles::of($plan->boat, $ducts, $runs);
            $solved = self::solved($groups, $states) ?? $shares;
            $bundled = self::bundled($wiring, $bundles, $together);
            if ($round === self::ROUNDS || ($bundled === $together && self::alike($solved, $shares))) {
                return new self($lying, $runs, $states, $ducts, $bundles);
            }
            [$shares, $together] = [$solved, $bundled];
        }
    }

    /**
     * Before anything is sized: equal wire, shared by its length; one whose gauge is given by its area too.
     *
     * @param  list<list<string>>  $groups  circuit ids, and converters' nodes
     * @return array<string, float> by circuit id or node
     */
    private static function byLength(Wiring $wiring, array $groups): array
    {
        $shares = [];
        foreach ($groups as $ids) {
            $given = array_filter(
                array_map(
                    static fn (string $id): ?float => ($wiring->circuits[$id] ?? null)?->run->gauge?->areaMm2,
                    $ids,
                ),
            );
            $area = $given === [] ? 1.0 : max($given);
            $weights = [];
            foreach ($ids as $id) {
                $circuit = $wiring->circuits[$id] ?? null;
                $weights[$id] = ($circuit?->run->gauge->areaMm2 ?? $area) / ($circuit->length ?? 1.0);
            }
            foreach ($weights as $id => $weight) {
                $shares[$id] = $weight / array_sum($weights);
            }
        }

        return $shares;
    }

    /**
     * As the circuit shares what is drawn in the state loaded; what is driven backwards gives nothing.
     *
     * @param  list<list<string>>  $groups  circuit ids
     * @return array<string, float>|null by circuit id; null: nothing to share, or no volts
     */
    private static function solved(array $groups, States $states): ?array
    {
        $loaded = $groups === [] ? null : $states->in(State::Loaded);
        if (! $loaded instanceof Solution) {
            return null;
        }
        $resistors = $states->circuit(State::Loaded)->resistors();
        $shares = [];
        foreach ($groups as $ids) {
            $amps = array_map(
                static fn (string $id): float => $loaded->through($resistors["{$id}/+wire"] ?? $resistors["{$id}/+lead"]),
                array_combine($ids, $ids),
            );
            $sum = array_sum($amps);
            foreach ($amps as $id => $through) {
                // Where sources drive each other, that is B28's to speak of: no wire is sized for it.
                $shares[$id] = $sum > 1e-9 ? max(0.0, min(1.0, $through / $sum)) : 1 / count($ids);
            }
        }

        return $shares;
    }

    /**
     * Only where it makes a factor smaller than the plan's own count does; and never fewer than were counted before, so that
     * this comes to an end.
     *
     * @param  array<string, int>  $before  by circuit id
     * @return array<string, int> by circuit id
     */
    private static function bundled(Wiring $wiring, Bundles $bundles, array $before): array
    {
        $together = $before;
        foreach ($bundles->together as $id => $count) {
            $known = max($wiring->circuits[$id]->run->bundled, $before[$id] ?? 0);
            if (Ampacity::bundlingFactor($count) < Ampacity::bundlingFactor($known)) {
                $together[$id] = $count;
            }
        }

        return $together;
    }

    /**
     * @param  array<string, float>  $one
     * @param  array<string, float>  $other
     */
    private static function alike(array $one, array $other): bool
    {
        foreach ($one as $id => $share) {
            if (abs($share - ($other[$id] ?? 0.0)) > self::SETTLED) {
                return false;
            }
        }

        return true;
    }
}
