<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Overcurrent\Conductors;
use Dinghy\Overcurrent\PlacedConductor;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Assessment;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Rulebook;
use Dinghy\Rule\Unchecked;
use Dinghy\Rule\Words;

/** What the rulebook says of a plan, and no figure beside. */
final readonly class Judgement
{
    /**
     * @param  list<Finding>  $findings  by level, rule, part
     * @param  list<Unchecked>  $unchecked  by rule, part, input
     */
    private function __construct(public array $findings, public array $unchecked)
    {
    }

    public static function ofPlan(Plan $plan, Words $words): self
    {
        $settled = Settling::of($plan);

        return self::of($plan, $settled, Conductors::of($plan, $settled->runs), $words);
    }

    /** @param  list<PlacedConductor>  $conductors */
    public static function of(Plan $plan, Settling $settled, array $conductors, Words $words): self
    {
        $assessment = new Assessment($plan, $settled->wiring, $settled->runs, $words, $settled->states, $settled->ducts, $settled->bundles, $conductors);
        $findings = [];
        $unchecked = [];
        foreach (Rulebook::rules() as $rule) {
            foreach ($rule->check($assessment) as $said) {
                $said instanceof Finding ? $findings[] = $said : $unchecked[] = $said;
            }
        }
        usort($findings, static fn (Finding $a, Finding $b): int => [$a->level->rank(), $a->rule->code, $a->on] <=> [$b->level->rank(), $b->rule->code, $b->on]);
        usort($unchecked, static fn (Unchecked $a, Unchecked $b): int => [$a->rule, $a->on, $a->needs] <=> [$b->rule, $b->on, $b->needs]);

        return new self($findings, $unchecked);
    }
}
