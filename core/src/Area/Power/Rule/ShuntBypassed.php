<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Charger;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ShuntBypassed implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B15', [
            Level::Stop,
            Level::Warn,
            Level::Note,
        ], 'a load\'s or a bank-end charger\'s negative bypasses the shunt: a stop; the monitor\'s capacity is not the bank\'s: a decision; outputs across upper blocks of a series bank cannot pass a shunt: a note',
            'the monitor counts only what flows through its shunt', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            if ($bank->shunt === null) {
                continue;
            }
            foreach ($solved->plan->feedsOf($bank) as $feed) {
                $other = $feed->supply->minus->above === 0 && ! $feed->supply->minus->post($bank)->is($bank->negativePost());
                if ($feed->supply->pastShunt || $other) {
                    yield new Finding($this->text(), Level::Stop, "feed:{$feed->id}", "The negative of {$solved->plan->called($feed)} lands on the battery side of the shunt of {$bank->label()}.",
                        'Land it on the load side of the shunt.', Patch::set(
                            "feed:{$feed->id}",
                            $other ? ['from.minus' => 'neg'] : ['from.past_shunt' => false],
                        ), []);
                }
            }
            foreach ($solved->plan->chargers as $charger) {
                yield from $this->judgeCharger($solved, $bank, $charger);
            }
            $set = $bank->shunt->capacitySet;
            if ($set === null) {
                yield new Unchecked($this->text(), "bank:{$bank->id}", 'shunt.capacity_set_ah');
            } elseif (abs($set - $bank->capacityAh()) > 0.5) {
                yield new Finding($this->text(), Level::Warn, "bank:{$bank->id}",
                    'The monitor is set to '.QuantityFormatter::trim($set, 0)." Ah; {$bank->label()} has ".QuantityFormatter::trim($bank->capacityAh(), 0).' Ah: blocks in series add volts, not Ah.',
                    'Set it to '.QuantityFormatter::trim($bank->capacityAh(), 0).' Ah.', Patch::set(
                        "bank:{$bank->id}",
                        ['shunt.capacity_set_ah' => $bank->capacityAh()],
                    ),
                    ['set_ah' => $set, 'bank_ah' => $bank->capacityAh()]);
            }
        }
    }

    /** @return iterable<Finding> */
    private function judgeCharger(SolvedBoat $solved, Bank $bank, Charger $charger): iterable
    {
        foreach ($charger->batteryOutputs() as $number => $output) {
            if (! in_array($output->across[0], $bank->batteries(), true)) {
                continue;
            }
            [$height] = $bank->placeOf($output->across[0]);
            if ($height > 0) {
                yield new Finding($this->text(), Level::Note, "charger:{$charger->id}",
                    "What {$charger->label()} gives to {$solved->called($output->across[0])} does not pass the shunt: the monitor counts the charge of {$solved->called($bank->strings[0][0])} alone.",
                    'Reset the monitor when the bank is full.', null, []);
            } elseif ($output->pastShunt) {
                yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}", "The negative of {$charger->label()} lands on the battery side of the shunt of {$bank->label()}.",
                    'Land it on the load side of the shunt.', Patch::set(
                        "charger:{$charger->id}",
                        ["outputs.{$number}.minus_at" => 'shunt'],
                    ), []);
            }
        }
    }
}
