<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\File\PlanFormat;
use Dinghy\File\Section;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Rule;
use Dinghy\Rule\Rulebook;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/**
 * The areas that answer for a boat, in the order of work, with the plan file and the rulebook that they make together.
 */
final readonly class Areas
{
    public Rulebook $rulebook;

    public PlanFormat $format;

    /** @param  non-empty-list<Area>  $all */
    public function __construct(public array $all)
    {
        $this->format = new PlanFormat(
            array_values(array_filter(array_map(static fn (Area $area): ?Section => $area->section(), $all))),
        );
        $this->rulebook = new Rulebook(
            array_map(static fn (Area $area): array => [$area->stage(), $area->rules(), $area->lateRules()], $all),
        );
    }

    /**
     * Everything that they have to say about a plan.
     *
     * @param  Units|null  $units  that sentences are written in; null: the plan's own
     * @param  bool  $whole  whether rules that judge what takes longer are asked as well
     */
    public function evaluate(
        Plan $plan,
        ?Units $units = null,
        NumberingEnd $countedFrom = NumberingEnd::Negative,
        bool $whole = false,
    ): Evaluation {
        return new Evaluation(
            SolvedBoat::of($plan, new QuantityFormatter($units ?? $plan->units, $countedFrom)),
            $this,
            $whole,
        );
    }

    /** @return list<RuleText> of every rule: of those that judge plans, then of those that hold the work */
    public function texts(): array
    {
        return [
            ...array_map(static fn (Rule $rule): RuleText => $rule->text(), $this->rulebook->rules),
            ...array_merge(...array_map(static fn (Area $area): array => $area->holds(), $this->all)),
        ];
    }

    /** @return non-empty-list<Stage> */
    public function stages(): array
    {
        return array_map(static fn (Area $area): Stage => $area->stage(), $this->all);
    }
}
