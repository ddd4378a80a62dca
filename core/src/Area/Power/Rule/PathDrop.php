<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherSupply;
use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\GaugeOption;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;

final readonly class PathDrop implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W01', [Level::Warn],
            "drop of the whole path, bank post to device plug and back (feed, branch, factory lead), over the house limit of the device's class",
            'what is lost on the way is missing at the plug', 'ABYC E-11 formula', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->wiring->paths as $path) {
            $runs = array_map(static fn ($circuit): SizedRun => $solved->runs[$circuit->id], $path->circuits);
            $on = $path->device->on();
            foreach ($runs as $run) {
                if ($run->length === null && $run->circuit !== null) {
                    yield new Unchecked($this->text(), $run->circuit->on(), 'run.length_m');

                    continue 2;
                }
            }
            $lost = $path->drop($solved->runs, $solved->plan->houseRules->conductorCelsius) ?? 0.0;
            $percent = 100 * $lost / $path->nominalVolts();
            $limit = $solved->plan->houseRules->dropLimit($path->class());
            if ($percent <= $limit + 1e-9) {
                continue;
            }
            $words = $solved->words;
            $worst = array_reduce(
                $runs,
                static fn (?SizedRun $worst, SizedRun $run): SizedRun => $worst === null || $run->drop > $worst->drop ? $run : $worst,
            );
            yield new Finding($this->text(), Level::Warn, $on,
                "{$path->device->label()} loses {$words->percent($percent)} on its way from {$path->from()}, {$words->volts($lost)}; the limit is {$words->percent($limit)}. "
                    ."Most of it in {$worst?->circuit?->label}: {$words->amps($worst->amps ?? 0.0)} over {$words->length($worst->length ?? 0.0)} of {$worst?->gauge}"
                    .(($worst->circuit->run->extraOhms ?? 0.0) > 0 ? " and {$words->milliohms($worst->circuit->run->extraOhms ?? 0.0)} more." : '.'),
                'Run thicker wire, shorten it, raise the supply volts, or feed it from a battery nearby.',
                static fn (): iterable => self::remedies($solved, $path, $runs, $limit), [
                    'drop_pct' => $percent,
                    'limit_pct' => $limit,
                    'drop_v' => $lost,
                ]);
        }
    }

    /**
     * Passes by what lies in the path beside wire, where that alone is enough; else thicker wire: step by step in the run that
     * loses most, or in one run alone, until the path fits; else other posts to feed it from.
     *
     * @param  list<SizedRun>  $runs
     * @return iterable<Remedy>
     */
    private static function remedies(SolvedBoat $solved, Path $path, array $runs, float $limit): iterable
    {
        $beside = $path->beside($solved->runs, $solved->plan->houseRules->conductorCelsius);
        $allowed = $limit / 100 * $path->nominalVolts() - $beside;
        $bypass = self::bypass($solved, $path, $runs, $allowed);
        if ($bypass !== null) {
            yield $bypass;
        }
        $alone = count($runs) === 1 ? [] : array_map(static fn (int $i): array => [$i], array_keys($runs));
        foreach ([array_keys($runs), ...$alone] as $which) {
            $changed = self::thickened($runs, $which, $allowed);
            if ($changed !== null && $changed !== []) {
                yield self::wiring($solved, $path, $runs, $changed, $beside);
            }
        }
        yield from OtherSupply::of($solved, $path);
    }

    /**
     * @param  list<SizedRun>  $runs
     * @param  list<int>  $which  of the runs may grow
     * @return array<int, GaugeOption>|null the thicker rungs by run; null: no gauge in stock is thick enough
     */
    private static function thickened(array $runs, array $which, float $allowed): ?array
    {
        $drops = array_map(static fn (SizedRun $run): float => $run->drop ?? 0.0, $runs);
        $changed = [];
        while (array_sum($drops) > $allowed) {
            $best = null;
            foreach ($which as $i) {
                $next = self::thicker($runs[$i], $changed[$i] ?? null);
                if ($next !== null && ($best === null || $drops[$i] > $drops[$best[0]])) {
                    $best = [$i, $next];
                }
            }
            if ($best === null) {
                return null;
            }
            [$i, $option] = $best;
            $changed[$i] = $option;
            $drops[$i] = $option->drop ?? 0.0;
        }

        return $changed;
    }

    /**
     * @param  list<SizedRun>  $runs
     * @param  non-empty-array<int, GaugeOption>  $changed  by run
     * @param  float  $beside  V lost in what no run is
     */
    private static function wiring(SolvedBoat $solved, Path $path, array $runs, array $changed, float $beside): Remedy
    {
        $steps = [];
        $says = [];
        $lost = $beside;
        foreach ($runs as $i => $run) {
            $lost += (isset($changed[$i]) ? $changed[$i]->drop : $run->drop) ?? 0.0;
            if (isset($changed[$i])) {
                $circuit = $run->circuit ?? throw new \LogicException('A path is made of feeds and branches.');
                $steps[] = Patch::set($circuit->on(), ['run.gauge' => $changed[$i]->gauge->name]);
                $says[] = "{$changed[$i]->gauge} in {$circuit->label}";
            }
        }

        return new Remedy(
            implode(' and ', $says)." gives {$solved->words->percent(100 * $lost / $path->nominalVolts())}.",
            Patch::all($steps) ?? throw new \LogicException('Something changed.'),
        );
    }

    /**
     * @param  list<SizedRun>  $runs
     * @return Remedy|null null: there is nothing to pass by, or it is not enough
     */
    private static function bypass(SolvedBoat $solved, Path $path, array $runs, float $allowed): ?Remedy
    {
        [$left, $ohms, $steps] = [0.0, 0.0, []];
        foreach ($runs as $run) {
            $extra = $run->circuit->run->extraOhms ?? 0.0;
            $left += ($run->drop ?? 0.0) - $run->amps * $extra;
            if ($extra > 0 && $run->circuit !== null) {
                $ohms += $extra;
                $steps[] = Patch::set($run->circuit->on(), ['run.extra_mohm' => 0]);
            }
        }
        $patch = Patch::all($steps);
        if ($patch === null || $left > $allowed) {
            return null;
        }
        $percent = 100 * ($left + $path->beside(
            $solved->runs,
            $solved->plan->houseRules->conductorCelsius,
        )) / $path->nominalVolts();

        return new Remedy(
            "Run a direct fused feed past what adds {$solved->words->milliohms($ohms)}: {$solved->words->percent($percent)}.",
            $patch,
        );
    }

    private static function thicker(SizedRun $run, ?GaugeOption $from): ?GaugeOption
    {
        $now = $from === null ? $run->gauge : $from->gauge;
        foreach ($run->options() as $option) {
            if ($now->isThinnerThan($option->gauge)) {
                return $option;
            }
        }

        return null;
    }
}
