<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Patch;
use Dinghy\Plan\Device;
use Dinghy\Plan\LongestRun;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\MakersTable;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;

final readonly class ThinnerThanMakersTable implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W03', [Level::Warn], 'thinner than the device maker\'s own table for the length of its whole path, or its own run thinner than any wire in it; where the path changes gauge, each length counts as so much of one gauge as has its resistance',
            'its maker knows what it draws when it starts', 'the device\'s own sheet', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $seen = [];
        foreach ($solved->wiring->paths as $path) {
            $last = $path->circuits[count($path->circuits) - 1];
            if ($path->device->longestRuns === [] || isset($seen[$last->id])) {
                continue;
            }
            $runs = array_map(static fn (Circuit $circuit): SizedRun => $solved->runs[$circuit->id], $path->circuits);
            foreach ($runs as $run) {
                if ($run->length === null) {
                    yield new Unchecked($this->text(), $run->circuit?->on() ?? '', 'run.length_m');

                    continue 2;
                }
            }
            if (! self::suits($path->device, $runs, array_map(static fn (SizedRun $run): Gauge => $run->gauge, $runs))) {
                $seen[$last->id] = true;
                yield $this->finding($solved, $path, $runs);
            }
        }
    }

    /** @param  non-empty-list<SizedRun>  $runs */
    private function finding(SolvedBoat $solved, Path $path, array $runs): Finding
    {
        $metres = self::length($runs);
        $last = $runs[count($runs) - 1];
        $asked = MakersTable::gauge($path->device, $metres);

        return new Finding($this->text(), Level::Warn, $last->circuit?->on() ?? '',
            ($last->circuit->label ?? '').": {$solved->words->length($metres)} of ".implode(
                ' and ',
                array_unique(array_map(static fn (SizedRun $run): string => (string) $run->gauge, $runs)),
            )
                .(count($runs) > 1 ? " from {$path->from()} on" : '')."; the maker of {$path->device->label()} ".($asked === null ? 'has no gauge for so long a path.' : "asks for {$asked}."),
            'Shorten the path, or ask its maker.', static fn (): iterable => self::remedies($path->device, $runs), ['length_m' => $metres]);
    }

    /**
     * The gauges that make the path suit its maker, thinnest first: in the device's own run, or else in the place of all that is thinner.
     *
     * @param  non-empty-list<SizedRun>  $runs
     * @return iterable<Remedy>
     */
    private static function remedies(Device $device, array $runs): iterable
    {
        $last = $runs[count($runs) - 1];
        foreach ([[$last], $runs] as $among) {
            foreach ($last->options() as $option) {
                $thinner = array_values(
                    array_filter($among, static fn (SizedRun $run): bool => $run->gauge->isThinnerThan($option->gauge)),
                );
                $gauges = array_map(
                    static fn (SizedRun $run): Gauge => in_array($run, $thinner, true) ? $option->gauge : $run->gauge,
                    $runs,
                );
                if ($thinner !== [] && self::suits($device, $runs, $gauges)) {
                    yield new Remedy(
                        "Run {$option->gauge}".(count($runs) > 1 ? ' in '.implode(
                            ' and ',
                            array_map(static fn (SizedRun $run): string => $run->circuit->label ?? '', $thinner),
                        ) : '').'.',
                        Patch::all(
                            array_map(
                                static fn (SizedRun $run): Patch => Patch::set(
                                    $run->circuit?->on() ?? '',
                                    ['run.gauge' => $option->gauge->name],
                                ),
                                $thinner,
                            ),
                        ),
                    );
                }
            }
        }
    }

    /**
     * Whether the device's own run is no thinner than any wire in the table, and the path no longer than it allows.
     *
     * @param  non-empty-list<SizedRun>  $runs
     * @param  non-empty-list<Gauge>  $gauges  of the runs
     */
    private static function suits(Device $device, array $runs, array $gauges): bool
    {
        $thinnest = MakersTable::gauge($device, 0.0);
        if ($thinnest !== null && $gauges[count($gauges) - 1]->isThinnerThan($thinnest)) {
            return false;
        }
        if (count(array_unique(array_map(static fn (Gauge $gauge): string => $gauge->name, $gauges))) === 1) {
            $asked = MakersTable::gauge($device, self::length($runs));

            return $asked !== null && ! $gauges[0]->isThinnerThan($asked);
        }
        $perArea = array_sum(
            array_map(
                static fn (SizedRun $run, Gauge $gauge): float => ($run->length ?? 0.0) / $gauge->areaMm2,
                $runs,
                $gauges,
            ),
        );

        return array_filter(
            $device->longestRuns,
            static fn (LongestRun $line): bool => $perArea * $line->gauge->areaMm2 <= $line->length,
        ) !== [];
    }

    /** @param  list<SizedRun>  $runs */
    private static function length(array $runs): float
    {
        return array_sum(array_map(static fn (SizedRun $run): float => $run->length ?? 0.0, $runs));
    }
}
