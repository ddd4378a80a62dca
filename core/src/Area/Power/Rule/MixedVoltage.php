<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\PartedBank;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

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
    private static function parted(SolvedBoat $solved, Bank $bank, \Closure $volts): \Closure
    {
        return static function () use ($solved, $bank, $volts): iterable {
            $differ = array_values(
                array_filter(
                    $bank->strings,
                    static fn (array $string): bool => $volts($string) !== $volts($bank->strings[0]),
                ),
            );

            return PartedBank::of($solved, $bank, $differ);
        };
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            $blocks = array_map(static fn (Battery $battery): float => $battery->nominalVolts, $bank->batteries());
            if (max($blocks) > min($blocks)) {
                yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
                    ucfirst("{$bank->label()} mixes blocks of ").$solved->words->volts(min($blocks)).' and '.$solved->words->volts(max($blocks)).'.',
                    'Use blocks of one nominal voltage in a bank.',
                    self::parted(
                        $solved,
                        $bank,
                        static fn (array $string): float => $string[0]->nominalVolts,
                    ), ['lowest_v' => min($blocks), 'highest_v' => max($blocks)]);

                continue;
            }
            $strings = array_map(Bank::nominalOf(...), $bank->strings);
            if (max($strings) > min($strings)) {
                yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
                    ucfirst("{$bank->label()} joins strings of ").$solved->words->volts(min($strings)).' and '.$solved->words->volts(max($strings)).' in parallel: the higher one drives a short-circuit current into the lower.',
                    'Give every string the same number of blocks.',
                    self::parted($solved, $bank, Bank::nominalOf(...)), [
                        'lowest_v' => min($strings),
                        'highest_v' => max($strings),
                    ]);
            }
        }
    }
}
