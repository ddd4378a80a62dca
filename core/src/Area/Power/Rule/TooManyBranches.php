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

final readonly class TooManyBranches implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F14', [Level::Warn], 'more branches on a block than it has circuits',
            'one fuse for two wires protects neither', 'the block\'s own sheet', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->blocks as $block) {
            $branches = count($block->branches);
            if ($block->circuits !== null && $branches > $block->circuits) {
                yield new Finding($this->text(), Level::Warn, "block:{$block->id}", ucfirst("{$block->label()} has {$block->circuits} circuits; {$branches} branches hang on it."),
                    "Fit a block of {$branches} circuits, or a second one for what is too many.", Patch::set(
                        "block:{$block->id}",
                        ['circuits' => $branches],
                    ), [
                        'branches' => (float) $branches,
                        'circuits' => (float) $block->circuits,
                    ]);
            }
        }
    }
}
