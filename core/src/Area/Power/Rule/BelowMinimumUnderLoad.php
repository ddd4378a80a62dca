<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherSupply;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\GaugeOption;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;

final readonly class BelowMinimumUnderLoad implements Rule
{
    /** V beyond what is missing, for contacts that the ladder does not know */
    private const SPARE = 0.05;

    public function text(): RuleText
    {
        return new RuleText('D02', [Level::Stop], 'volts at the device under full plan load with banks at their floor < device minimum; or the banks cannot give what is asked for',
            'it restarts, or the motor stops', 'computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->wiring->paths as $path) {
            if (! States::knowsCharge($path->bank())) {
                yield new Unchecked(
                    $this->text(),
                    $path->device->on(),
                    BreakingCapacity::needs($path->bank()),
                );
            }
        }
        $overload = $solved->states->overload(State::Lowest);
        if ($overload !== null) {
            $device = $solved->plan->consumers[$overload->load] ?? null;
            yield new Finding($this->text(), Level::Stop, $device === null ? 'plan' : $device->on(),
                ($device === null ? 'The engine' : $device->label())." cannot be fed with banks at their floor: it asks for {$solved->words->amps($overload->askedAmps)}, the bank can give at most {$solved->words->amps($overload->mostAmps)} beside the rest.",
                'Use a stronger bank, thicker or shorter wire, or fewer devices at once.',
                static function () use ($solved, $device): iterable {
                    foreach ($device === null ? [] : $solved->wiring->pathsTo($device) as $path) {
                        yield from self::thicker($solved, $path, 0.0);
                        yield from OtherSupply::of($solved, $path);
                    }
                }, ['asked_a' => $overload->askedAmps, 'most_a' => $overload->mostAmps, 'share' => $overload->share]);
        }
        $lowest = $solved->states->in(State::Lowest);
        $seen = [];
        foreach ($solved->wiring->paths as $path) {
            $device = $path->device;
            $volts = States::knowsCharge($path->bank()) ? $lowest?->at($device) : null;
            if ($volts === null || isset($seen[$device->id]) || $volts >= $device->minVolts) {
                continue;
            }
            $seen[$device->id] = true;
            yield new Finding($this->text(), Level::Stop, $device->on(),
                "{$device->label()} falls to {$solved->words->volts($volts)} with everything on and {$path->bank()->label()} at its floor; it needs {$solved->words->volts($device->minVolts)}.",
                'Run thicker wire to it, feed it directly, or give it a bank that holds its volts.',
                static function () use ($solved, $path, $device, $volts): iterable {
                    yield from self::thicker($solved, $path, $device->minVolts - $volts);
                    yield from OtherSupply::of($solved, $path);
                }, ['volts' => $volts, 'min_v' => $device->minVolts]);
        }
    }

    /**
     * The run of the path that loses most, thick enough to give the missing volts back at the peak current; then the others.
     *
     * @param  float  $missing  V
     * @return iterable<Remedy>
     */
    private static function thicker(SolvedBoat $solved, Path $path, float $missing): iterable
    {
        $runs = array_map(static fn (Circuit $circuit): SizedRun => $solved->runs[$circuit->id], $path->circuits);
        $now = static fn (SizedRun $run): float => self::lost($run, $run->option($run->gauge->name));
        usort($runs, static fn (SizedRun $a, SizedRun $b): int => $now($b) <=> $now($a));
        foreach ($runs as $run) {
            foreach ($run->options() as $option) {
                // What is drawn falls when volts rise, so that the gain is not less than this.
                if ($run->circuit !== null && $option->rating !== null && $now($run) - self::lost($run, $option) >= $missing + self::SPARE) {
                    yield new Remedy(
                        "Run {$option->gauge} in {$run->circuit->label}.",
                        Patch::set($run->circuit->on(), ['run.gauge' => $option->gauge->name]),
                    );
                }
            }
        }
    }

    /** @return float V that a run loses on a rung of its ladder, at its peak current */
    private static function lost(SizedRun $run, ?GaugeOption $option): float
    {
        return $run->amps > 0 ? ($option->physicalDrop ?? 0.0) * $run->peakAmps / $run->amps : 0.0;
    }
}
