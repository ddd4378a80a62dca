<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherSupply;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ChargingAboveDevice implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D01', [Level::Stop], 'highest supply volts, while charging, exceed the device maximum',
            'a device that is on, or always connected, takes the charging volts too', 'computed from charging volts by chemistry', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->wiring->paths as $path) {
            $device = $path->device;
            $highest = $path->highestVolts();
            if ($highest === null) {
                yield new Unchecked($this->text(), $device->on(), "the charging volts of {$path->bank()->label()}");
            } elseif ($highest > $device->maxVolts) {
                yield new Finding($this->text(), Level::Stop, $device->on(),
                    "{$device->label()} sees up to {$solved->words->volts($highest)} while {$path->from()} ".($path->feed() === null ? 'works' : 'charges')."; its maximum is {$solved->words->volts($device->maxVolts)}.",
                    'Feed it from a bank with lower charging volts, or through a converter made for both.',
                    static fn (): iterable => OtherSupply::of($solved, $path), [
                        'highest_v' => $highest,
                        'max_v' => $device->maxVolts,
                    ]);
            }
        }
    }
}
