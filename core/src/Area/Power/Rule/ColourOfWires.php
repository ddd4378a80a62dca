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

final readonly class ColourOfWires implements Rule
{
    /** Beside red: by what the positive leads to [pub ABYC E-11, from memory] */
    private const USUAL = ['pump' => 'brown', 'light' => 'blue'];

    public function text(): RuleText
    {
        return new RuleText('W12', [Level::Warn], 'colour does not tell polarity and volts: negative black or yellow, positive red (to a pump brown, to a light blue as well), a tapped 12 V a colour of its own',
            'the next one aboard goes by the colour', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->circuits() as $run) {
            if ($run->circuit === null) {
                continue;
            }
            $plus = strtolower($run->circuit->run->plusColour ?? '');
            $minus = strtolower($run->circuit->run->minusColour ?? '');
            $path = $solved->pathThrough($run);
            $tapped = $path?->feed() !== null && $path->supply()->isTap();
            $usual = $run->circuit->device === null ? 'red' : self::USUAL[$run->circuit->device->kind->value] ?? 'red';
            $wrong = [];
            $set = [];
            if ($minus !== '' && ! in_array($minus, ['black', 'yellow'], true)) {
                $wrong[] = "its negative is {$minus}";
                $set['run.minus_colour'] = 'black';
            }
            if ($plus !== '' && $tapped && in_array($plus, ['red', 'black', 'yellow'], true)) {
                $wrong[] = "the tapped positive is {$plus}, as another wire may be";
                $set['run.plus_colour'] = 'orange';
            } elseif ($plus !== '' && ! $tapped && $plus !== 'red' && $plus !== $usual) {
                $wrong[] = "its positive is {$plus}";
                $set['run.plus_colour'] = 'red';
            }
            if ($wrong !== []) {
                yield new Finding($this->text(), Level::Warn, $run->circuit->on(), "{$run->circuit->label}: ".implode(' and ', $wrong).'.',
                    'Use the usual colours, or sleeve both ends in them.', Patch::set($run->circuit->on(), $set), []);
            }
        }
    }
}
