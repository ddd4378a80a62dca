<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\Patch;

final readonly class NoPullCord implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W09', [Level::Note], 'neither a pull cord nor a spare cable is left in a tube',
            'the next cable has nothing to be pulled with', 'common practice', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->boat->ways as $way) {
            if (! $way->isTube() || $way->spareCable || $way->pullCord === true || $assessment->ducts->in($way) === []) {
                continue;
            }
            if ($way->pullCord === null) {
                yield new Unchecked('W09', "way:{$way->id}", 'pull_cord');

                continue;
            }
            $stations = $assessment->plan->boat->stations;
            yield new Finding($this->text(), Level::Note, "way:{$way->id}", "No pull cord stays in the tube from {$stations[$way->from]->label()} to {$stations[$way->to]->label()}.",
                'Draw a cord in with the cables and leave it.', Patch::set("way:{$way->id}", ['pull_cord' => true]), []);
        }
    }
}
