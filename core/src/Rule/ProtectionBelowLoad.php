<?php

declare(strict_types=1);

namespace Dinghy\Rule;

final readonly class ProtectionBelowLoad implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F03', [Level::Warn],
            "continuous loads: rating < 1.25 × typical; any: rating < peak; motors: rating < peak. The maker's figure prevails where there is one. On strings, jumpers, bonds and chargers: of what the solved network puts through them",
            'it opens in use though nothing is wrong', 'common practice', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        $words = $assessment->words;
        foreach ($assessment->protections as $protection) {
            $asks = $protection->asks;
            if ($asks === null || $protection->rating() >= $asks - 1e-9) {
                continue;
            }
            $run = $protection->run;
            yield new Finding($this->text(), Level::Warn, $protection->on,
                ucfirst("{$protection->family()->label()} of {$words->amps($protection->rating())} on {$protection->where}: ".($run === null ? 'what flows there' : 'the load')." asks for at least {$words->amps($asks)}"
                    .match (true) {
                        $run === null => ($protection->draws === null ? '' : " ({$words->amps($protection->draws)} flow)").'.',
                        $run->circuit?->demand->makers === null => " ({$words->amps($run->amps)} running, {$words->amps($run->peakAmps)} at peak).",
                        default => ', says its maker.',
                    }),
                'Split the load over two circuits.',
                static function () use ($assessment, $protection, $asks): iterable {
                    yield from OtherProtection::between($assessment, $protection, $asks, $protection->ampacityBehind() ?? ($protection->behind === [] ? INF : 0.0));
                    yield from OtherProtection::onThickerWire($assessment, $protection, $asks);
                }, ['rating_a' => $protection->rating(), 'least_a' => $asks]);
        }
    }
}
