<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\Rung;
use Dinghy\Wiring\SizedRun;

final readonly class PathDrop implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W01', [Level::Warn],
            "drop of the whole path, bank post to device plug and back (feed, branch, factory lead), over the house limit of the device's class",
            'what is lost on the way is missing at the plug', 'ABYC E-11 formula', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->wiring->paths as $path) {
            $runs = array_map(static fn ($circuit): SizedRun => $assessment->runs[$circuit->id], $path->circuits);
            $on = "device:{$path->device->id}";
            foreach ($runs as $run) {
                if ($run->length === null && $run->circuit !== null) {
                    yield new Unchecked('W01', $run->circuit->on(), 'run.length_m');

                    continue 2;
                }
            }
            $lost = $path->drop($assessment->runs, $assessment->plan->houseRules->conductorCelsius) ?? 0.0;
            $percent = 100 * $lost / $path->nominalVolts();
            $limit = $assessment->plan->houseRules->dropLimit($path->class());
            if ($percent <= $limit + 1e-9) {
                continue;
            }
            $words = $assessment->words;
            [$remedy, $patch] = $this->remedy($assessment, $path, $runs, $limit);
            $worst = array_reduce($runs, static fn (?SizedRun $worst, SizedRun $run): SizedRun => $worst === null || $run->drop > $worst->drop ? $run : $worst);
            yield new Finding($this->text(), Level::Warn, $on,
                "{$path->device->label()} loses {$words->percent($percent)} on its way from {$path->from()}, {$words->volts($lost)}; the limit is {$words->percent($limit)}. "
                    ."Most of it in {$worst?->circuit?->label}: {$words->amps($worst->amps ?? 0.0)} over {$words->length($worst->length ?? 0.0)} of {$worst?->gauge}"
                    .(($worst->circuit->run->extraOhms ?? 0.0) > 0 ? " and {$words->milliohms($worst->circuit->run->extraOhms ?? 0.0)} more." : '.'),
                $remedy, $patch, ['drop_pct' => $percent, 'limit_pct' => $limit, 'drop_v' => $lost]);
        }
    }

    /**
     * Passes by what lies in the path beside wire, where that alone is enough; else thickens, step by step, the run that
     * loses most, until the path fits.
     *
     * @param  list<SizedRun>  $runs
     * @return array{string, Patch|null}
     */
    private function remedy(Assessment $assessment, Path $path, array $runs, float $limit): array
    {
        $allowed = $limit / 100 * $path->nominalVolts() - $path->beside($assessment->runs, $assessment->plan->houseRules->conductorCelsius);
        $drops = array_map(static fn (SizedRun $run): float => $run->drop ?? 0.0, $runs);
        $bypass = self::bypass($assessment, $path, $runs, $allowed);
        if ($bypass !== null) {
            return $bypass;
        }
        /** @var array<int, Rung> $changed */
        $changed = [];
        while (array_sum($drops) > $allowed) {
            $best = null;
            foreach ($runs as $i => $run) {
                $next = self::thicker($run, $changed[$i] ?? null);
                if ($next !== null && ($best === null || $drops[$i] > $drops[$best[0]])) {
                    $best = [$i, $next];
                }
            }
            if ($best === null) {
                return ['No gauge in stock is thick enough: shorten the run, raise the supply volts, or feed it from a battery nearby.', null];
            }
            [$i, $rung] = $best;
            $changed[$i] = $rung;
            $drops[$i] = $rung->drop ?? 0.0;
        }
        $percent = 100 * (array_sum($drops) + $path->beside($assessment->runs, $assessment->plan->houseRules->conductorCelsius)) / $path->nominalVolts();
        $patch = null;
        $says = [];
        foreach ($changed as $i => $rung) {
            $circuit = $runs[$i]->circuit ?? throw new \LogicException('A path is made of feeds and branches.');
            $step = Patch::set($circuit->on(), ['run.gauge' => $rung->gauge->name]);
            $patch = $patch === null ? $step : $patch->and($step);
            $says[] = "{$rung->gauge} in {$circuit->label}";
        }

        return [implode(' and ', $says)." gives {$assessment->words->percent($percent)}.", $patch];
    }

    /**
     * @param  list<SizedRun>  $runs
     * @return array{string, Patch}|null
     */
    private static function bypass(Assessment $assessment, Path $path, array $runs, float $allowed): ?array
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
        $percent = 100 * ($left + $path->beside($assessment->runs, $assessment->plan->houseRules->conductorCelsius)) / $path->nominalVolts();

        return ["Run a direct fused feed past what adds {$assessment->words->milliohms($ohms)}: {$assessment->words->percent($percent)}.", $patch];
    }

    private static function thicker(SizedRun $run, ?Rung $from): ?Rung
    {
        $now = $from === null ? $run->gauge : $from->gauge;
        foreach ($run->rungs() as $rung) {
            if ($now->isThinnerThan($rung->gauge)) {
                return $rung;
            }
        }

        return null;
    }
}
