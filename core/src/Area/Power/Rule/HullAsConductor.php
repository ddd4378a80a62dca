<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class HullAsConductor implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D07', [Level::Stop, Level::Warn], 'an aluminium hull is used as a conductor (stop), or minus joins it at two places (decide)',
            'what returns through the hull dissolves it', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $boat = $solved->plan->boat;
        if ($boat->hull?->isMetal() !== true) {
            return;
        }
        if ($boat->hullCarriesCurrent === null) {
            yield new Unchecked($this->text(), 'plan', 'boat.hull_carries_current');
        } elseif ($boat->hullCarriesCurrent) {
            yield new Finding($this->text(), Level::Stop, 'plan', 'The hull carries the return current of a circuit.',
                'Lead every negative back in a wire of its own.', Patch::set(
                    'plan',
                    ['boat.hull_carries_current' => false],
                ), []);
        }
        if ($boat->engine !== null && $boat->engine->joinsHull === null) {
            yield new Unchecked($this->text(), 'plan', 'boat.engine.joins_hull');
        } elseif ($boat->engine?->joinsHull === true && $boat->hullJoins !== '') {
            yield new Finding($this->text(), Level::Warn, 'plan', "Minus joins the hull at the engine and elsewhere ({$boat->hullJoins}): what returns between the two flows through the hull.",
                'Leave the join at the engine, and take the other off.', Patch::change('plan', [], ['boat.hull_joins']), []);
        }
    }
}
