<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Patch;
use Dinghy\Wiring\Circuit;

/** The thinnest gauge that is kept which saves so many volts that nothing gives out. */
final class ThickerWire
{
    private const NAME = 'thicker-wire';

    /** @return DayVariant|null null: nothing gives out, wire saves nothing worth naming */
    public static function of(Trial $trial): ?DayVariant
    {
        $feeders = self::feeders($trial);
        if ($feeders === []) {
            return null;
        }
        $changes = [];
        foreach ($trial->boat->plan->houseRules->stock as $gauge) {
            $patch = self::with($trial, $feeders, $gauge);
            $patch === null || $changes[] = [$gauge, $patch];
        }
        $at = $trial->first(count($changes), static fn (int $at): bool => $trial->roughly($changes[$at][1])?->holds() === true);
        for (; $at !== null && $at < count($changes); $at++) {
            [$gauge, $patch] = $changes[$at];
            $variant = $trial->finished(self::NAME, "{$gauge->both()} on the way to what gives out", $patch);
            if ($variant !== null) {
                return $variant;
            }
        }

        return DayVariant::none(self::NAME, 'Thicker wire', 'No gauge that is kept saves what is missing: it is charge that runs out.');
    }

    /** @return array<string, Circuit> every feed and branch on the way to what gives out */
    private static function feeders(Trial $trial): array
    {
        $feeders = [];
        foreach ($trial->asIs->day->devices as $use) {
            foreach ($use->outAt === null ? [] : $trial->boat->wiring->pathsTo($use->device) as $path) {
                foreach ($path->circuits as $circuit) {
                    $feeders[$circuit->on()] = $circuit;
                }
            }
        }

        return $feeders;
    }

    /**
     * @param  array<string, Circuit>  $feeders
     * @return Patch|null null: none of them is thinner
     */
    private static function with(Trial $trial, array $feeders, Gauge $gauge): ?Patch
    {
        $thinner = array_filter($feeders, static fn (Circuit $circuit): bool => $trial->boat->runs[$circuit->id]->gauge->isThinnerThan($gauge));

        return Patch::all(array_map(static fn (string $on): Patch => Patch::set($on, ['run.gauge' => $gauge->name]), array_keys($thinner)));
    }
}
