<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;

final readonly class MixedVoltage implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B02', [Level::Stop], 'one bank mixes nominal voltages of blocks, or joins strings of different volts in parallel',
            'the weaker is overcharged, and driven backwards when it is empty', 'common practice', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->banks as $bank) {
            $blocks = array_map(static fn (Battery $battery): float => $battery->nominalVolts, $bank->batteries());
            if (max($blocks) > min($blocks)) {
                yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
                    "Bank {$bank->id} mixes blocks of ".$assessment->words->volts(min($blocks)).' and '.$assessment->words->volts(max($blocks)).'.',
                    'Use blocks of one nominal voltage in a bank.',
                    null, ['lowest_v' => min($blocks), 'highest_v' => max($blocks)]);

                continue;
            }
            $strings = array_map(Bank::nominalOf(...), $bank->strings);
            if (max($strings) > min($strings)) {
                yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
                    "Bank {$bank->id} joins strings of ".$assessment->words->volts(min($strings)).' and '.$assessment->words->volts(max($strings)).' in parallel: the higher one drives a short-circuit current into the lower.',
                    'Give every string the same number of blocks.',
                    null, ['lowest_v' => min($strings), 'highest_v' => max($strings)]);
            }
        }
    }
}
