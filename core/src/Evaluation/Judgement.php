<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Overcurrent\Conductors;
use Dinghy\Overcurrent\PlacedConductor;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Assessment;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Rule;
use Dinghy\Rule\Rulebook;
use Dinghy\Rule\Unchecked;

/** What the rulebook says of a plan, and no figure beside; each rule is asked when it is wanted, and once. */
final class Judgement
{
    /** @var array<class-string<Rule>, list<Finding|Unchecked>> */
    private array $said = [];

    private function __construct(private readonly Assessment $assessment)
    {
    }

    public static function ofPlan(Plan $plan, QuantityFormatter $words): self
    {
        $settled = Settling::of($plan);

        return self::of($plan, $settled, Conductors::of($plan, $settled->runs), $words);
    }

    /** @param  list<PlacedConductor>  $conductors */
    public static function of(Plan $plan, Settling $settled, array $conductors, QuantityFormatter $words): self
    {
        return new self(new Assessment($plan, $settled->wiring, $settled->runs, $words, $settled->states, $settled->ducts, $settled->bundles, $conductors));
    }

    /** Of one rule alone. */
    public function tallyOf(string $code): Tally
    {
        foreach (Rulebook::rules() as $rule) {
            if ($rule->text()->code === $code) {
                return new Tally($this->said($rule));
            }
        }
        throw new \LogicException("There is no rule {$code}.");
    }

    public function tally(): Tally
    {
        return new Tally($this->everything());
    }

    /** @return list<Finding> by level, rule, part */
    public function findings(): array
    {
        $findings = array_values(array_filter($this->everything(), static fn (Finding|Unchecked $said): bool => $said instanceof Finding));
        usort($findings, static fn (Finding $a, Finding $b): int => [$a->level->rank(), $a->rule->code, $a->on] <=> [$b->level->rank(), $b->rule->code, $b->on]);

        return $findings;
    }

    /** @return list<Unchecked> by rule, part, input */
    public function unchecked(): array
    {
        $unchecked = array_values(array_filter($this->everything(), static fn (Finding|Unchecked $said): bool => $said instanceof Unchecked));
        usort($unchecked, static fn (Unchecked $a, Unchecked $b): int => [$a->rule, $a->on, $a->needs] <=> [$b->rule, $b->on, $b->needs]);

        return $unchecked;
    }

    /** @return list<Finding|Unchecked> in the order of the book */
    private function everything(): array
    {
        return array_merge(...array_map($this->said(...), Rulebook::rules()));
    }

    /** @return list<Finding|Unchecked> */
    private function said(Rule $rule): array
    {
        return $this->said[$rule::class] ??= iterator_to_array($rule->check($this->assessment), false);
    }
}
