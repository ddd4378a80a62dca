<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ChargingCurrent implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B18', [Level::Warn], 'charging current beyond what the chemistry takes, or a full recharge that outlasts the night',
            'too much heats and gasses the battery; too little leaves it short in the morning', 'common practice, rates by chemistry', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            // Strings in parallel share what a charger across a whole string gives; what charges one block is that block's.
            $apart = array_filter($solved->plan->chargers, static fn (Charger $charger): bool => array_filter($charger->batteryOutputs(),
                static fn (ChargerOutput $output): bool => ! $output->chargesWhole($bank) && array_filter(
                    $bank->batteries(),
                    $output->charges(...),
                ) !== []) !== []);
            foreach ($apart === [] ? [$bank->batteries()[0]] : $bank->batteries() as $battery) {
                yield from $this->judge($solved, $bank, $battery, $apart === []);
            }
        }
    }

    /**
     * The chargers of a battery with so many times their amps: to whole amperes, up for a larger one and down for a smaller.
     *
     * @return iterable<Remedy>
     */
    private static function scaled(
        SolvedBoat $solved,
        Bank $bank,
        Battery $battery,
        float $times,
        bool $mains,
    ): iterable {
        $patch = null;
        $says = [];
        foreach ($solved->plan->chargers as $charger) {
            $set = [];
            foreach ($mains && $charger->input !== 'mains' ? [] : $charger->batteryOutputs() as $number => $output) {
                if ($output->chargesWhole($bank) || $output->charges($battery)) {
                    $amps = $times > 1 ? ceil($output->amps * $times - 1e-9) : max(
                        floor($output->amps * $times + 1e-9),
                        0.5,
                    );
                    $set["outputs.{$number}.amps"] = $amps;
                    $says[] = "{$solved->words->amps($amps)} from {$charger->label()}";
                }
            }
            $step = $set === [] ? null : Patch::set("charger:{$charger->id}", $set);
            $patch = $patch === null || $step === null ? $patch ?? $step : $patch->and($step);
        }
        if ($patch !== null) {
            yield new Remedy(
                ($times > 1 ? 'Use a larger charger: ' : 'Set it lower: ').implode(' and ', $says).'.',
                $patch,
            );
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judge(SolvedBoat $solved, Bank $bank, Battery $battery, bool $whole): iterable
    {
        $capacity = $whole ? $bank->capacityAh() : $battery->capacityAh;
        [$amps, $nightly] = [0.0, 0.0];
        foreach ($solved->plan->chargers as $charger) {
            $given = 0.0;
            foreach ($charger->batteryOutputs() as $output) {
                if ($output->chargesWhole($bank)) {
                    $given += $output->amps * $capacity / $bank->capacityAh();
                } elseif ($output->charges($battery)) {
                    $given += $output->amps;
                }
            }
            if ($given > 0 && $charger->input === null) {
                yield new Unchecked($this->text(), "charger:{$charger->id}", 'input');
            }
            // An alternator holds its volts and gives what the battery takes; of the others no two run at one time.
            $amps = $charger->input === 'alternator' ? $amps : max($amps, $given);
            $nightly = $charger->input === 'mains' ? max($nightly, $given) : $nightly;
        }
        $rate = $battery->chemistry->highestChargingRate();
        $name = $whole && count($bank->batteries()) > 1 ? ucfirst($bank->label()) : $solved->called($battery);
        if ($rate === null && $amps > 0) {
            yield new Unchecked($this->text(), "battery:{$battery->id}", 'its maker\'s highest charging current');
        } elseif ($amps > $rate * $capacity + 1e-9) {
            yield new Finding($this->text(), Level::Warn, "battery:{$battery->id}",
                "{$name} is charged with {$solved->words->amps($amps)}; {$battery->chemistry->label()} of ".QuantityFormatter::trim($capacity, 0)." Ah takes {$solved->words->amps($rate * $capacity)}.",
                'Set the charger lower, or use a smaller one, unless the battery\'s maker allows it.',
                static fn (): iterable => self::scaled(
                    $solved,
                    $bank,
                    $battery,
                    $rate * $capacity / $amps,
                    false,
                ), ['charging_a' => $amps, 'limit_a' => $rate * $capacity]);
        }
        $floor = $solved->plan->houseRules->floorOf($battery->chemistry);
        $night = $solved->plan->houseRules->nightHours;
        if ($nightly > 0 && $floor !== null) {
            $hours = (1 - $floor) * $capacity * $battery->chemistry->chargeFactor() / $nightly;
            if ($hours > $night) {
                yield new Finding($this->text(), Level::Warn, "battery:{$battery->id}",
                    "{$name} takes {$solved->words->hours($hours)} from its floor to full with {$solved->words->amps($nightly)}; the night has {$solved->words->hours($night)}.",
                    'Use a larger charger: '.$solved->words->amps(ceil($nightly * $hours / $night)).' would do.',
                    static fn (): iterable => self::scaled(
                        $solved,
                        $bank,
                        $battery,
                        $hours / $night,
                        true,
                    ), ['hours' => $hours, 'night_h' => $night]);
            }
        }
    }
}
