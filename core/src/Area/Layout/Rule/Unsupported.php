<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Way;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class Unsupported implements Rule
{
    /** m: 18 in */
    private const EVERY = 0.4572;

    public function text(): RuleText
    {
        return new RuleText('W11', [Level::Note], 'wires that lie open or along a gunwale are not held every '.Way::HELD_EVERY_IN_WORDS,
            'what swings chafes and breaks', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->boat->ways as $way) {
            if ($way->isTube() || $way->support <= self::EVERY || $solved->ducts->in($way) === []) {
                continue;
            }
            $stations = $solved->plan->boat->stations;
            yield new Finding($this->text(), Level::Note, "way:{$way->id}",
                "From {$stations[$way->from]->label()} to {$stations[$way->to]->label()} the wires are held every {$solved->words->length($way->support)} only.",
                'Clamp or tie them every '.Way::HELD_EVERY_IN_WORDS.'.', Patch::set(
                    "way:{$way->id}",
                    ['support_m' => Way::HELD_EVERY],
                ), [
                    'support_m' => $way->support,
                    'limit_m' => self::EVERY,
                ]);
        }
    }
}
