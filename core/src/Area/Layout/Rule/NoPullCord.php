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

final readonly class NoPullCord implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W09', [Level::Note], 'neither a pull cord nor a spare cable is left in a tube',
            'the next cable has nothing to be pulled with', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->boat->ways as $way) {
            if (! $way->isTube() || $way->spareCable || $way->pullCord === true || $solved->ducts->in($way) === []) {
                continue;
            }
            if ($way->pullCord === null) {
                yield new Unchecked($this->text(), "way:{$way->id}", 'pull_cord');

                continue;
            }
            $stations = $solved->plan->boat->stations;
            yield new Finding($this->text(), Level::Note, "way:{$way->id}", "No pull cord stays in the tube from {$stations[$way->from]->label()} to {$stations[$way->to]->label()}.",
                'Draw a cord in with the cables and leave it.', Patch::set(
                    "way:{$way->id}",
                    ['pull_cord' => true],
                ), []);
        }
    }
}
