<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ShaftTooShort implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('M05', [Level::Warn], "a motor's propeller hub hangs less than 0.4 m under water at rest, or than 0.53 m where it is rough",
            'it draws air, races and pushes nothing', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->devices as $device) {
            $shaft = $device->mounting->shaft;
            if ($shaft === null && $device->isMotor()) {
                yield new Unchecked($this->text(), "device:{$device->id}", 'shaft');
            }
            if ($shaft === null || $shaft->depth() >= $shaft->needed() - 1e-9) {
                continue;
            }
            $words = $solved->words;
            yield new Finding($this->text(), Level::Warn, "device:{$device->id}",
                ($shaft->depth() < 0 ? "The propeller of {$device->label()} hangs {$words->short(-$shaft->depth())} above the water" : "The propeller of {$device->label()} hangs {$words->short($shaft->depth())} under water")
                    .'; '.($shaft->rough ? 'rough water' : 'calm water')." asks for {$words->short($shaft->needed())}.",
                "It takes a shaft of {$words->length($shaft->lengthNeeded())}; this one has {$words->length($shaft->length)}.",
                Patch::set(
                    "device:{$device->id}",
                    ['shaft.length_m' => ceil(100 * $shaft->lengthNeeded() - 1e-9) / 100],
                ), [
                    'depth_m' => $shaft->depth(),
                    'needed_m' => $shaft->needed(),
                    'length_needed_m' => $shaft->lengthNeeded(),
                ]);
        }
    }
}
