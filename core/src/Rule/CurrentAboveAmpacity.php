<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;
use Dinghy\Wiring\SizedRun;

final readonly class CurrentAboveAmpacity implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W02', [Level::Stop], 'current > ampacity after engine-space and bundling factors',
            'the insulation grows too hot and fails', 'ABYC E-11; ISO 13297', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->runs as $run) {
            $on = $run->circuit?->on() ?? "device:{$run->id}";
            if ($run->ampacity === null) {
                yield new Unchecked('W02', $on, "ampacity of {$run->gauge}");
            } elseif ($run->amps > $run->ampacity) {
                $words = $assessment->words;
                [$remedy, $patch] = $this->remedy($run);
                yield new Finding($this->text(), Level::Stop, $on,
                    ($run->circuit === null ? "Factory lead of {$assessment->plan->devices[$run->id]->label()}" : "Run {$run->circuit->label}")
                        .": {$words->amps($run->amps)} in {$run->gauge} that carries {$words->amps($run->ampacity)} where it lies.",
                    $remedy, $patch, ['current_a' => $run->amps, 'ampacity_a' => $run->ampacity]);
            }
        }
    }

    /** @return array{string, Patch|null} */
    private function remedy(SizedRun $run): array
    {
        foreach ($run->rungs as $rung) {
            if ($run->circuit !== null && $rung->ampacity !== null && $rung->ampacity >= $run->amps) {
                return ["Run {$rung->gauge}.", Patch::set($run->circuit->on(), ['run.gauge' => $rung->gauge->name])];
            }
        }

        return ['Split the load over two circuits, or check its amps.', null];
    }
}
