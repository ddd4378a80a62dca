<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Circuit\Sharing;
use Dinghy\Circuit\States;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Patch;
use Dinghy\Plan\Terminal;

final readonly class SameEndParallel implements Rule
{
    /** times its even share */
    private const LIMIT = 1.1;

    public function text(): RuleText
    {
        return new RuleText('B06', [Level::Warn], 'a parallel bank is loaded from the same end: the busiest string gives > 1.1 × its even share',
            'the nearest string wears out first', 'common practice; computed', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->banks as $bank) {
            $amps = $assessment->peakAmpsOf($bank);
            $full = array_values(array_filter($assessment->plan->feedsOf($bank), static fn (Feed $feed): bool => ! $feed->supply->isTap()));
            if (count($bank->strings) < 2 || $amps <= 0 || $full === [] || ! States::knows($bank)) {
                continue;
            }
            $supply = $full[0]->supply;
            $celsius = $assessment->plan->houseRules->conductorCelsius;
            $shares = Sharing::between($bank, $supply->plus->post($bank), $supply->minus->post($bank), $amps, $celsius);
            $busiest = $shares === null ? 1.0 : Sharing::busiest($bank, $shares);
            if ($busiest <= self::LIMIT) {
                continue;
            }
            $last = count($bank->strings);
            $terminals = $bank->shunt === null ? ['from.plus' => 'pos@1', 'from.minus' => "neg@{$last}"] : ['from.plus' => "pos@{$last}", 'from.minus' => 'neg'];
            $plus = Terminal::of($terminals['from.plus'], $bank)?->post($bank) ?? '';
            $minus = Terminal::of($terminals['from.minus'], $bank)?->post($bank) ?? '';
            $diagonal = Sharing::between($bank, $plus, $minus, $amps, $celsius);
            $after = $diagonal === null ? INF : Sharing::busiest($bank, $diagonal);
            $patch = Patch::all(array_map(static fn (Feed $feed): Patch => Patch::set("feed:{$feed->id}", $terminals), $after <= self::LIMIT ? $full : []));
            yield new Finding($this->text(), Level::Warn, "bank:{$bank->id}",
                "The busiest string of bank {$bank->id} gives ".Words::trim($busiest, 2).' times its even share of '.$assessment->words->amps($amps).'.',
                $patch === null ? 'Use thicker and equally long jumpers, and take off at opposite ends.'
                    : 'Take positive from one end and negative from the other: '.($after < 1.005 ? 'all then give the same.' : 'the busiest then gives '.Words::trim($after, 2).' times its even share.'),
                $patch, ['busiest' => $busiest] + (is_infinite($after) ? [] : ['diagonal' => $after]));
        }
    }
}
