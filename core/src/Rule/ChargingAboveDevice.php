<?php

declare(strict_types=1);

namespace Dinghy\Rule;

final readonly class ChargingAboveDevice implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D01', [Level::Stop], 'highest supply volts, while charging, exceed the device maximum',
            'a device that is on, or always connected, takes the charging volts too', 'computed from charging volts by chemistry', SourceKind::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->wiring->paths as $path) {
            $device = $path->device;
            $highest = $path->highestVolts();
            if ($highest === null) {
                yield new Unchecked('D01', "device:{$device->id}", "charging volts of {$path->from()}");
            } elseif ($highest > $device->maxVolts) {
                yield new Finding($this->text(), Level::Stop, "device:{$device->id}",
                    "{$device->label()} sees up to {$assessment->words->volts($highest)} while {$path->from()} ".($path->feed() === null ? 'works' : 'charges')."; its maximum is {$assessment->words->volts($device->maxVolts)}.",
                    'Feed it from a bank with lower charging volts, or through a converter made for both.',
                    static fn (): iterable => OtherSupply::of($assessment, $path), ['highest_v' => $highest, 'max_v' => $device->maxVolts]);
            }
        }
    }
}
