<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ChafeAndDrip implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W17', [Level::Note], 'a conductor passes a bulkhead without a grommet, lies against an edge, or comes to its device without a drip loop',
            'chafe and water', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $stations = $solved->plan->boat->stations;
        foreach ($solved->plan->boat->ways as $way) {
            if ($way->chafe === 'protected' || $solved->ducts->in($way) === []) {
                continue;
            }
            $between = "from {$stations[$way->from]->label()} to {$stations[$way->to]->label()}";
            yield new Finding($this->text(), Level::Note, "way:{$way->id}",
                $way->chafe === 'bulkhead' ? "On the way {$between} the wires pass a bare bulkhead." : "On the way {$between} the wires lie against an edge.",
                $way->chafe === 'bulkhead' ? 'Fit a grommet and clamp them on both sides.' : 'Put them in a sleeve and clamp them off the edge.', Patch::set(
                    "way:{$way->id}",
                    ['chafe' => 'protected'],
                ), []);
        }
        foreach ($solved->circuits() as $run) {
            if ($run->circuit !== null && ! $run->circuit->run->dripLoop) {
                yield new Finding($this->text(), Level::Note, $run->circuit->on(), "{$run->circuit->label} comes to its end without a drip loop.",
                    'Let it hang below the plug before it goes in, so that water drips off.', Patch::set(
                        $run->circuit->on(),
                        ['run.drip_loop' => true],
                    ), []);
            }
        }
    }
}
