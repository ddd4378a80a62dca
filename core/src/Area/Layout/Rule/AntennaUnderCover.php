<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\DeviceKind;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class AntennaUnderCover implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('N06', [Level::Warn], 'a position antenna has no open sky, sits under metal, or where it is stepped on',
            'it sees too few satellites, or breaks', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->devices as $device) {
            if ($device->kind !== DeviceKind::PositionAntenna) {
                continue;
            }
            foreach (['sky' => $device->mounting->sky, 'stepped_on' => $device->mounting->steppedOn] as $field => $value) {
                if ($value === null) {
                    yield new Unchecked($this->text(), "device:{$device->id}", $field);
                }
            }
            $sky = $device->mounting->sky;
            if ($sky !== null && $sky !== 'open') {
                yield new Finding($this->text(), Level::Warn, "device:{$device->id}",
                    $sky === 'screened' ? "{$device->label()} does not see the open sky." : "{$device->label()} sits under metal.", 'Raise it on a mast above what covers it, or move it where nothing stands above it.', Patch::set(
                        "device:{$device->id}",
                        ['sky' => 'open'],
                    ), []);
            }
            if ($device->mounting->steppedOn === true) {
                yield new Finding(
                    $this->text(),
                    Level::Warn,
                    "device:{$device->id}",
                    "{$device->label()} sits where it is stepped on.",
                    'Raise it on a mast, or move it out of the way of feet.',
                    Patch::set("device:{$device->id}", ['stepped_on' => false]),
                    [],
                );
            }
        }
    }
}
