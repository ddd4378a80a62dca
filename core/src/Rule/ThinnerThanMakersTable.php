<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Conductor\Gauge;
use Dinghy\Plan\Device;
use Dinghy\Plan\LongestRun;
use Dinghy\Plan\Patch;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\MakersTable;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;

final readonly class ThinnerThanMakersTable implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W03', [Level::Warn], 'thinner than the device maker\'s own table for the length of its whole path; where the path changes gauge, each length counts as so much of one gauge as has its resistance',
            'its maker knows what it draws when it starts', 'the device\'s own sheet', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        $seen = [];
        foreach ($assessment->wiring->paths as $path) {
            $last = $path->circuits[count($path->circuits) - 1];
            if ($path->device->longestRuns === [] || isset($seen[$last->id])) {
                continue;
            }
            $runs = array_map(static fn (Circuit $circuit): SizedRun => $assessment->runs[$circuit->id], $path->circuits);
            foreach ($runs as $run) {
                if ($run->length === null) {
                    yield new Unchecked('W03', $run->circuit?->on() ?? '', 'run.length_m');

                    continue 2;
                }
            }
            if (! self::suits($path->device, $runs)) {
                $seen[$last->id] = true;
                yield $this->finding($assessment, $path, $runs);
            }
        }
    }

    /** @param  non-empty-list<SizedRun>  $runs */
    private function finding(Assessment $assessment, Path $path, array $runs): Finding
    {
        $metres = array_sum(array_map(static fn (SizedRun $run): float => $run->length ?? 0.0, $runs));
        $last = $runs[count($runs) - 1];
        $asked = MakersTable::gauge($path->device, $metres);
        $mends = null;
        foreach ($last->rungs() as $rung) {
            $mends ??= $last->gauge->isThinnerThan($rung->gauge) && self::suits($path->device, $runs, $rung->gauge) ? $rung->gauge : null;
        }
        $on = $last->circuit?->on() ?? '';

        return new Finding($this->text(), Level::Warn, $on,
            ($last->circuit->label ?? '').": {$assessment->words->length($metres)} of ".implode(' and ', array_unique(array_map(static fn (SizedRun $run): string => (string) $run->gauge, $runs)))
                .(count($runs) > 1 ? ' from the bank on' : '')."; the maker of {$path->device->label()} ".($asked === null ? 'has no gauge for so long a path.' : "asks for {$asked}."),
            $mends === null ? 'Shorten the path, thicken what leads to its block, or ask its maker.' : "Run {$mends}.",
            $mends === null ? null : Patch::set($on, ['run.gauge' => $mends->name]), ['length_m' => $metres]);
    }

    /**
     * @param  non-empty-list<SizedRun>  $runs
     * @param  Gauge|null  $instead  of the last run
     */
    private static function suits(Device $device, array $runs, ?Gauge $instead = null): bool
    {
        $gauges = array_map(static fn (SizedRun $run): Gauge => $run->gauge, $runs);
        $gauges[count($gauges) - 1] = $instead ?? $gauges[count($gauges) - 1];
        if (count(array_unique(array_map(static fn (Gauge $gauge): string => $gauge->name, $gauges))) === 1) {
            $asked = MakersTable::gauge($device, array_sum(array_map(static fn (SizedRun $run): float => $run->length ?? 0.0, $runs)));

            return $asked !== null && ! $gauges[0]->isThinnerThan($asked);
        }
        $perArea = array_sum(array_map(static fn (SizedRun $run, Gauge $gauge): float => ($run->length ?? 0.0) / $gauge->areaMm2, $runs, $gauges));

        return array_filter($device->longestRuns, static fn (LongestRun $line): bool => $perArea * $line->gauge->areaMm2 <= $line->length) !== [];
    }
}
