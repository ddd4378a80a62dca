<?php

declare(strict_types=1);

namespace Dinghy\Rule;

final readonly class CrankingAmpsShort implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B25', [Level::Stop], 'the starting battery\'s cranking amps are below the engine\'s minimum',
            'it will not start when it is cold', 'the engine\'s own sheet', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        $engine = $assessment->plan->boat->engine;
        if ($engine === null) {
            return;
        }
        $battery = $assessment->plan->batteries[$engine->battery];
        if ($engine->leastColdCranking === null) {
            yield new Unchecked('B25', 'plan', 'boat.engine.min_cca_a');
        } elseif ($battery->crankingAmps === null) {
            yield new Unchecked('B25', "battery:{$battery->id}", 'cca_a');
        } else {
            $bank = $assessment->plan->bankOf($battery->id);
            $amps = $bank === null ? $battery->crankingAmps : $bank->crankingAmps() ?? $battery->crankingAmps;
            if ($amps < $engine->leastColdCranking) {
                yield new Finding($this->text(), Level::Stop, "battery:{$battery->id}",
                    "The starting battery gives {$assessment->words->amps($amps)} when cold; the engine asks for {$assessment->words->amps($engine->leastColdCranking)}.",
                    'Fit a starting battery with enough cranking amps.', null, ['cca_a' => $amps, 'min_cca_a' => $engine->leastColdCranking]);
            }
        }
    }
}
