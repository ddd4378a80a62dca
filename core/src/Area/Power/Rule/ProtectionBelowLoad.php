<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ProtectionBelowLoad implements Rule
{
    /**
     * times the stated peak, that a resistance draws at most from a full battery: LiFePO4 of 12 V nominal rests at 13.6
     * V
     */
    private const FULL = 1.15;

    public function text(): RuleText
    {
        return new RuleText('F03', [Level::Warn],
            "continuous loads: rating < 1.25 × typical; any: rating < peak; motors: rating < peak. The maker's figure prevails where there is one. Everywhere: rating < what the solved network puts through it at rest, loaded or charging beyond what hangs on it (a full battery puts up to 15 % more than its stated peak through a resistance)",
            'it opens in use though nothing is wrong', 'common practice', SourceKind::CommonPractice);
    }

    /**
     * @return float A that the solved network puts through a fuse of a run, where that is more than what hangs on it explains; else 0
     */
    private static function beyondLoad(SolvedBoat $solved, PlacedProtection $protection): float
    {
        $flows = $protection->run === null || $protection->element === null
            ? 0.0
            : $solved->currents->most($protection->element) ?? 0.0;

        return $flows > self::FULL * ($protection->draws ?? 0.0) ? $flows : 0.0;
    }

    public function check(SolvedBoat $solved): iterable
    {
        $words = $solved->words;
        foreach ($solved->protections as $protection) {
            $flows = self::beyondLoad($solved, $protection);
            $asks = $flows > $protection->rating() + 1e-6 ? max($flows, $protection->asks ?? 0.0) : $protection->asks;
            if ($asks === null || $protection->rating() >= $asks - 1e-9) {
                continue;
            }
            $run = $protection->run;
            yield new Finding($this->text(), Level::Warn, $protection->on,
                ucfirst("{$protection->family()->label()} of {$words->amps($protection->rating())} on {$protection->where}: ".($run === null ? 'what flows there' : 'the load')." asks for at least {$words->amps($asks)}"
                    .match (true) {
                        $flows >= $asks => ': so much flows there.',
                        $run === null => ($protection->draws === null ? '' : " ({$words->amps($protection->draws)} flow)").'.',
                        $run->circuit?->demand->makers === null => " ({$words->amps($run->amps)} running, {$words->amps($run->peakAmps)} at peak).",
                        default => ', says its maker.',
                    }),
                'Split the load over two circuits.',
                static function () use ($solved, $protection, $asks): iterable {
                    yield from OtherProtection::between($solved, $protection, $asks, $protection->bears());
                    yield from OtherProtection::onThickerWire($solved, $protection, $asks);
                }, ['rating_a' => $protection->rating(), 'least_a' => $asks]);
        }
    }
}
