<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class NoSwitchForStandby implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D04', [Level::Warn], 'a device that draws with the screens off has no switch; bilge pumps and alarms are exempt',
            'it flattens the battery before the next trip', 'the device\'s own sheet', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->wiring->paths as $path) {
            $device = $path->device;
            if ($path->drainsWhenOff()) {
                $feed = $path->feed();
                yield new Finding($this->text(), Level::Warn, $device->on(),
                    "{$device->label()} draws {$solved->words->amps($device->standbyAmps)} with everything off, and no switch stops it.",
                    $feed === null ? 'Fit a switch between its converter and its block.' : "Fit a switch or a switchable breaker in {$solved->plan->called($feed)}.",
                    $feed === null ? null : Patch::set(
                        "feed:{$feed->id}",
                        ['switch' => true],
                    ), ['standby_a' => $device->standbyAmps]);
            }
        }
    }
}
