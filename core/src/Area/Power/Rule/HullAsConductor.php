<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Hull\HullKind;
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
        return new RuleText('D07', [Level::Stop], 'an aluminium hull is used as a conductor',
            'what returns through the hull dissolves it', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $boat = $solved->plan->boat;
        if ($boat->hull !== HullKind::Aluminium && $boat->hull !== HullKind::Pontoon) {
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
    }
}
