<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class WrongChargerProfile implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B10', [Level::Stop], 'a charger\'s profile does not suit the chemistry',
            'too many volts gas or break a battery, too few never fill it', 'charging volts by chemistry', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->chargers as $charger) {
            foreach ($charger->batteryOutputs() as $number => $output) {
                foreach ($output->across as $battery) {
                    $suits = $output->profile?->profileSuits($battery->chemistry);
                    if ($suits === null) {
                        yield new Unchecked($this->text(), "battery:{$battery->id}", 'its maker\'s charging volts');
                    } elseif (! $suits) {
                        yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                            "An output of {$charger->label()} is set for {$output->profile->label()}; {$solved->called($battery)} is {$battery->chemistry->label()}.",
                            "Set it for {$battery->chemistry->label()}, or fit a charger that can be.",
                            Patch::set(
                                "charger:{$charger->id}",
                                ["outputs.{$number}.profile" => $battery->chemistry->value],
                            ), []);
                    }
                }
            }
        }
    }
}
