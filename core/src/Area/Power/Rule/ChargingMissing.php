<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Proposal\AddCharger;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ChargingMissing implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B11', [
            Level::Stop,
            Level::Warn,
            Level::Note,
        ], 'an output set for one block spans several in series, or outputs that are not isolated from each other charge one series bank: a stop; a battery has no charging: a decision; one charger of full voltage across a series bank: a note',
            'outputs on a series bank stand on different volts and must be isolated from each other', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->chargers as $charger) {
            yield from $this->judgeOutputs($solved, $charger);
        }
        foreach ($solved->plan->banks as $bank) {
            foreach ($bank->batteries() as $battery) {
                if (! $this->isCharged($solved, $bank, $battery)) {
                    yield new Finding($this->text(), Level::Warn, "battery:{$battery->id}", "Nothing charges {$solved->called($battery)}.",
                        'Give it an output of a charger, or say how it is charged.', self::charger($solved, $bank, $battery), []);
                }
            }
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judgeOutputs(SolvedBoat $solved, Charger $charger): iterable
    {
        $perBank = [];
        foreach ($charger->batteryOutputs() as $number => $output) {
            $spanned = Bank::nominalOf($output->across);
            if (count($output->across) > 1 && $output->setAgainstSpan() < 0) {
                yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                    "An output of {$charger->label()} for {$solved->words->volts($output->nominalVolts)} stands across {$solved->words->volts($spanned)}.",
                    'Use an output for each block, or a charger of the bank\'s full voltage.', self::onOneBlock($solved, $charger, $output, $number), [
                        'set_v' => $output->nominalVolts,
                        'across_v' => $spanned,
                    ]);
            } elseif (count($output->across) > 1) {
                yield new Finding($this->text(), Level::Note, "charger:{$charger->id}",
                    ucfirst("{$charger->label()} charges ").count($output->across).' blocks in series as one: they drift apart.',
                    'Balance them twice a season, each alone.', null, ['across_v' => $spanned]);
            }
            $bank = $solved->plan->bankOf($output->across[0]->id);
            if ($bank !== null && count($bank->strings[0]) > 1) {
                $perBank[$bank->id] = ($perBank[$bank->id] ?? 0) + 1;
            }
        }
        foreach ($perBank as $bank => $outputs) {
            if ($outputs < 2) {
                continue;
            }
            if ($charger->isolated === null) {
                yield new Unchecked($this->text(), "charger:{$charger->id}", 'isolated_outputs');
            } elseif (! $charger->isolated) {
                yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                    ucfirst("{$charger->label()} has {$outputs} outputs on {$solved->plan->banks[$bank]->label()}, blocks in series, that are not isolated from each other: they short its blocks."),
                    'Use a charger with isolated outputs, or one for each block.', Patch::set(
                        "charger:{$charger->id}",
                        ['isolated_outputs' => true],
                    ), ['outputs' => (float) $outputs]);
            }
        }
    }

    /** @return \Closure(): iterable<Remedy> */
    private static function onOneBlock(SolvedBoat $solved, Charger $charger, ChargerOutput $output, int $number): \Closure
    {
        $field = "outputs.{$number}";

        return static fn (): iterable => array_map(static fn (Battery $battery): Remedy => new Remedy("Land it across {$solved->called($battery)} alone.",
            Patch::of(
                [
                    [
                        'on' => "charger:{$charger->id}",
                        'set' => ["{$field}.battery" => $battery->id],
                        'unset' => ["{$field}.across"],
                    ],
                ],
            )), $output->across);
    }

    /**
     * @return \Closure(): iterable<Remedy> a mains charger for all of its bank that nothing charges, that fills it in a night
     */
    private static function charger(SolvedBoat $solved, Bank $bank, Battery $battery): \Closure
    {
        return static function () use ($solved, $bank, $battery): iterable {
            $rules = $solved->plan->houseRules;
            $rate = $battery->chemistry->highestChargingRate();
            $floor = $rules->floorOf($battery->chemistry);
            if ($rate === null || $floor === null) {
                return;
            }
            // Strings in parallel share what stands across one of them.
            $capacity = count($bank->strings[0]) > 1 ? $battery->capacityAh : $bank->capacityAh();
            $amps = min(
                floor($rate * $capacity),
                ceil((1 - $floor) * $capacity * $battery->chemistry->chargeFactor() / $rules->nightHours),
            );
            try {
                yield new Remedy("Fit a mains charger of {$solved->words->amps($amps)} an output, set for {$battery->chemistry->label()}, fused at the battery.",
                    AddCharger::to(
                        $solved->plan,
                        "charger {$bank->id}",
                        count($bank->batteries()),
                        $amps,
                        true,
                        [$bank->id],
                    ));
            } catch (ProposalRefused) {
                // Another charger is on part of it: what the rest takes is the rigger's choice.
            }
        };
    }

    private function isCharged(SolvedBoat $solved, Bank $bank, Battery $battery): bool
    {
        foreach ($solved->plan->chargers as $charger) {
            foreach ($charger->batteryOutputs() as $output) {
                if ($output->charges($battery) || $output->chargesWhole($bank)) {
                    return true;
                }
            }
        }

        return false;
    }
}
