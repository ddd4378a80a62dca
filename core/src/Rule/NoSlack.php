<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\Patch;

final readonly class NoSlack implements Rule
{
    /** m */
    private const WHERE_IT_MOVES = 1.0;

    public function text(): RuleText
    {
        return new RuleText('W10', [Level::Warn], 'a run has less slack at an end than the shop leaves, or than 1 m where a battery or a lid moves',
            'a wire without slack pulls its terminal off', 'common practice', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        $usual = $assessment->plan->houseRules->slack;
        foreach ($assessment->circuits() as $run) {
            $circuit = $run->circuit;
            if ($circuit === null) {
                continue;
            }
            $ends = ['from' => [$circuit->from, $circuit->run->slackFrom], 'to' => [$circuit->to, $circuit->run->slackTo]];
            [$fields, $longer] = [[], 0.0];
            foreach ($ends as $end => [$at, $slack]) {
                $missing = self::needed($assessment, $at) - ($slack ?? $usual);
                if ($missing > 1e-9) {
                    $fields["run.slack_{$end}_m"] = self::needed($assessment, $at);
                    $longer += $missing;
                }
            }
            foreach ($ends as $end => [$at, $slack]) {
                if (! isset($fields["run.slack_{$end}_m"])) {
                    continue;
                }
                $station = $at === null ? null : $assessment->plan->boat->stations[$at];
                $needed = self::needed($assessment, $at);
                $words = $assessment->words;
                $typed = $circuit->run->typedLength;
                yield new Finding($this->text(), Level::Warn, $circuit->on(),
                    "{$circuit->label} has {$words->length($slack ?? $usual)} of slack at ".($station?->label() ?? 'its '.($end === 'from' ? 'source' : 'target'))
                        ."; {$words->length($needed)} are needed".($needed > $usual ? ' where a battery or a lid moves.' : '.'),
                    count($fields) === 1 ? "Leave {$words->length($needed)} there." : 'Leave as much as is needed at both ends.',
                    Patch::set($circuit->on(), [...$fields, ...($typed === null ? [] : ['run.length_m' => $typed + $longer])]),
                    ['slack_m' => $slack ?? $usual, 'needed_m' => $needed]);

                break;
            }
        }
    }

    /** @return float m that an end at this station needs */
    private static function needed(Assessment $assessment, ?string $station): float
    {
        $moves = $station !== null && $assessment->plan->boat->stations[$station]->moves;

        return $moves ? self::WHERE_IT_MOVES : $assessment->plan->houseRules->slack;
    }
}
