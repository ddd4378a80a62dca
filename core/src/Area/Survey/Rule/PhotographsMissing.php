<?php

declare(strict_types=1);

namespace Dinghy\Area\Survey\Rule;

use Dinghy\Area\Survey\Figure\NeededPhotograph;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class PhotographsMissing implements Rule
{
    private const NAMED = 4;

    public function text(): RuleText
    {
        return new RuleText('S07', [Level::Note], 'photographs of the old state are missing',
            'what was where is forgotten with the first wire unhooked', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        if ($solved->plan->survey === null) {
            yield new Unchecked($this->text(), 'plan', 'survey.taken_on');

            return;
        }
        $needed = NeededPhotograph::listFor($solved->plan);
        if ($needed === []) {
            // Nobody has said what she has: that nothing is missing would be a guess.
            yield new Unchecked($this->text(), 'plan', 'boat.stations');

            return;
        }
        $missing = NeededPhotograph::missingOf($needed);
        if ($missing === []) {
            return;
        }
        $named = array_map(
            static fn (NeededPhotograph $photograph): string => $photograph->label,
            array_slice($missing, 0, self::NAMED),
        );
        $more = count($missing) - count($named);
        yield new Finding($this->text(), Level::Note, 'plan',
            'Not photographed yet: '.implode(', ', $named).($more > 0 ? " and {$more} more" : '').'.',
            'Photograph every compartment and every post before anything is unhooked.', null, ['missing' => (float) count($missing)]);
    }
}
