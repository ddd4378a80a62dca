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

final readonly class NoSlack implements Rule
{
    /** m */
    private const WHERE_IT_MOVES = 1.0;

    public function text(): RuleText
    {
        return new RuleText('W10', [Level::Warn], 'a run has less slack at an end than the shop leaves, or than 1 m where a battery or a lid moves',
            'a wire without slack pulls its terminal off', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $usual = $solved->plan->houseRules->slack;
        foreach ($solved->circuits() as $run) {
            $circuit = $run->circuit;
            if ($circuit === null) {
                continue;
            }
            $ends = [
                'from' => [$circuit->from, $circuit->run->slackFrom],
                'to' => [$circuit->to, $circuit->run->slackTo],
            ];
            [$fields, $longer] = [[], 0.0];
            foreach ($ends as $end => [$at, $slack]) {
                $missing = self::needed($solved, $at) - ($slack ?? $usual);
                if ($missing > 1e-9) {
                    $fields["run.slack_{$end}_m"] = self::needed($solved, $at);
                    $longer += $missing;
                }
            }
            foreach ($ends as $end => [$at, $slack]) {
                if (! isset($fields["run.slack_{$end}_m"])) {
                    continue;
                }
                $station = $at === null ? null : $solved->plan->boat->stations[$at];
                $needed = self::needed($solved, $at);
                $words = $solved->words;
                $typed = $circuit->run->typedLength;
                yield new Finding($this->text(), Level::Warn, $circuit->on(),
                    "{$circuit->label} has {$words->length($slack ?? $usual)} of slack at ".($station?->label() ?? 'its '.($end === 'from' ? 'source' : 'target'))
                        ."; {$words->length($needed)} are needed".($needed > $usual ? ' where a battery or a lid moves.' : '.'),
                    count($fields) === 1 ? "Leave {$words->length($needed)} there." : 'Leave as much as is needed at both ends.',
                    Patch::set(
                        $circuit->on(),
                        [...$fields, ...($typed === null ? [] : ['run.length_m' => $typed + $longer])],
                    ),
                    ['slack_m' => $slack ?? $usual, 'needed_m' => $needed]);

                break;
            }
        }
    }

    /** @return float m that an end at this station needs */
    private static function needed(SolvedBoat $solved, ?string $station): float
    {
        $moves = $station !== null && $solved->plan->boat->stations[$station]->moves;

        return $moves ? self::WHERE_IT_MOVES : $solved->plan->houseRules->slack;
    }
}
