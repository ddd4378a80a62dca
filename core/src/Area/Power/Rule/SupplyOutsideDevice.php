<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherSupply;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class SupplyOutsideDevice implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B04', [Level::Stop], "the nominal volts of the supply lie outside the device's minimum and maximum",
            'too many volts break it, too few never start it', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->wiring->paths as $path) {
            $volts = $path->nominalVolts();
            $device = $path->device;
            if ($volts >= $device->minVolts && $volts <= $device->maxVolts) {
                continue;
            }
            yield new Finding($this->text(), Level::Stop, $device->on(),
                "{$device->label()} is fed {$solved->words->volts($volts)} nominal from {$path->from()}; it is made for {$solved->words->volts($device->minVolts)} to {$solved->words->volts($device->maxVolts)}.",
                'Feed it from a bank, or across a battery of one, whose volts lie within its range.',
                static fn (): iterable => OtherSupply::of($solved, $path), [
                    'supply_v' => $volts,
                    'min_v' => $device->minVolts,
                    'max_v' => $device->maxVolts,
                ]);
        }
    }
}
