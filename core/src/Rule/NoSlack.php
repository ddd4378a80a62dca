<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;

final readonly class NoSlack implements Rule
{
    /** m */
    private const WHERE_IT_MOVES = 1.0;

    public function text(): RuleText
    {
        return new RuleText('W10', [Level::Warn], 'a run has less slack at an end than the shop leaves, or than 1 m where a battery or a lid moves',
            'a wire without slack pulls its terminal off', 'common practice', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        $usual = $assessment->plan->houseRules->slack;
        foreach ($assessment->circuits() as $run) {
            $circuit = $run->circuit;
            if ($circuit === null) {
                continue;
            }
            foreach (['from' => [$circuit->from, $circuit->run->slackFrom], 'to' => [$circuit->to, $circuit->run->slackTo]] as $end => [$at, $slack]) {
                $station = $at === null ? null : $assessment->plan->boat->stations[$at];
                $needed = $station !== null && $station->moves ? self::WHERE_IT_MOVES : $usual;
                if (($slack ?? $usual) >= $needed - 1e-9) {
                    continue;
                }
                $words = $assessment->words;
                $typed = $circuit->run->typedLength;
                yield new Finding($this->text(), Level::Warn, $circuit->on(),
                    "{$circuit->label} has {$words->length($slack ?? $usual)} of slack at ".($station?->label() ?? 'its '.($end === 'from' ? 'source' : 'target'))
                        ."; {$words->length($needed)} are needed".($needed > $usual ? ' where a battery or a lid moves.' : '.'),
                    "Leave {$words->length($needed)} there.",
                    Patch::set($circuit->on(), ["run.slack_{$end}_m" => $needed, ...($typed === null ? [] : ['run.length_m' => $typed + $needed - ($slack ?? $usual)])]),
                    ['slack_m' => $slack ?? $usual, 'needed_m' => $needed]);

                break;
            }
        }
    }
}
