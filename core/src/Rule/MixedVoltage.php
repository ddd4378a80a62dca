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
            'the weaker is overcharged, and driven backwards when it is empty', 'common practice', SourceKind::CommonPractice);
    }

    /**
     * @param  \Closure(non-empty-list<Battery>): float  $volts  of a string
     * @return \Closure(): iterable<Remedy> the strings that differ from the first, or the first, in a bank of their own
     */
    private static function parted(Assessment $assessment, Bank $bank, \Closure $volts): \Closure
    {
        return static function () use ($assessment, $bank, $volts): iterable {
            $differ = array_values(array_filter($bank->strings, static fn (array $string): bool => $volts($string) !== $volts($bank->strings[0])));

            return PartedBank::of($assessment->plan, $bank, $differ);
        };
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->banks as $bank) {
            $blocks = array_map(static fn (Battery $battery): float => $battery->nominalVolts, $bank->batteries());
            if (max($blocks) > min($blocks)) {
                yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
                    "Bank {$bank->id} mixes blocks of ".$assessment->words->volts(min($blocks)).' and '.$assessment->words->volts(max($blocks)).'.',
                    'Use blocks of one nominal voltage in a bank.',
                    self::parted($assessment, $bank, static fn (array $string): float => $string[0]->nominalVolts), ['lowest_v' => min($blocks), 'highest_v' => max($blocks)]);

                continue;
            }
            $strings = array_map(Bank::nominalOf(...), $bank->strings);
            if (max($strings) > min($strings)) {
                yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
                    "Bank {$bank->id} joins strings of ".$assessment->words->volts(min($strings)).' and '.$assessment->words->volts(max($strings)).' in parallel: the higher one drives a short-circuit current into the lower.',
                    'Give every string the same number of blocks.',
                    self::parted($assessment, $bank, Bank::nominalOf(...)), ['lowest_v' => min($strings), 'highest_v' => max($strings)]);
            }
        }
    }
}
