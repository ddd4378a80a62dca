<?php

declare(strict_types=1);

namespace Dinghy\Rule;

final readonly class SupplyOutsideDevice implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B04', [Level::Stop], "the nominal volts of the supply lie outside the device's minimum and maximum",
            'too many volts break it, too few never start it', 'common practice', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->wiring->paths as $path) {
            $volts = $path->nominalVolts();
            $device = $path->device;
            if ($volts >= $device->minVolts && $volts <= $device->maxVolts) {
                continue;
            }
            yield new Finding($this->text(), Level::Stop, "device:{$device->id}",
                "{$device->label()} is fed {$assessment->words->volts($volts)} nominal from {$path->from()}; it is made for {$assessment->words->volts($device->minVolts)} to {$assessment->words->volts($device->maxVolts)}.",
                'Feed it from a bank, or across a battery of one, whose volts lie within its range.',
                static fn (): iterable => OtherSupply::of($assessment, $path), ['supply_v' => $volts, 'min_v' => $device->minVolts, 'max_v' => $device->maxVolts]);
        }
    }
}
