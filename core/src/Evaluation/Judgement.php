<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Rule\Finding;
use Dinghy\Rule\Rule;
use Dinghy\Rule\Rulebook;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;

/** What the rulebook says of a plan, and no figure beside; each rule is asked when it is wanted, and once. */
final class Judgement
{
    /** @var array<class-string<Rule>, list<Finding|Unchecked>> */
    private array $said = [];

    /** @param  bool  $whole  whether rules that judge what takes longer are asked as well */
    public function __construct(private readonly SolvedBoat $boat, private readonly Rulebook $rulebook, private readonly bool $whole = false)
    {
    }

    /** The same with what takes longer: what was said already is not asked for again. */
    public function whole(): self
    {
        $whole = new self($this->boat, $this->rulebook, true);
        $whole->said = $this->said;

        return $whole;
    }

    /** Of one rule alone: as it judges at once, unless what takes longer is meant. */
    public function tallyOf(RuleText $text): Tally
    {
        $said = [];
        foreach ($this->rulebook->called($text->code) as $rule) {
            $rule->text()->isCloser && ! $text->isCloser || array_push($said, ...$this->said($rule));
        }

        return new Tally($said);
    }

    public function tally(): Tally
    {
        return new Tally($this->everything());
    }

    /** @return list<Finding> by level, rule, part */
    public function findings(): array
    {
        $findings = array_values(
            array_filter($this->everything(), static fn (Finding|Unchecked $said): bool => $said instanceof Finding),
        );
        usort(
            $findings,
            static fn (Finding $a, Finding $b): int => [
                $a->level->rank(),
                $a->rule->code,
                $a->on,
            ] <=> [$b->level->rank(), $b->rule->code, $b->on],
        );

        return $findings;
    }

    /** @return list<Unchecked> by rule, part, input */
    public function unchecked(): array
    {
        $unchecked = array_values(
            array_filter($this->everything(), static fn (Finding|Unchecked $said): bool => $said instanceof Unchecked),
        );
        usort(
            $unchecked,
            static fn (Unchecked $a, Unchecked $b): int => [
                $a->rule->code,
                $a->on,
                $a->needs,
            ] <=> [$b->rule->code, $b->on, $b->needs],
        );

        return $unchecked;
    }

    /** @return list<Finding|Unchecked> in the order of the book */
    private function everything(): array
    {
        return $this->byRules($this->rulebook->rules);
    }

    /**
     * Of a part that a rule speaks of at once and again more closely the graver is said, at once if they are alike.
     *
     * @param  list<Rule>  $rules
     * @return list<Finding|Unchecked>
     */
    private function byRules(array $rules): array
    {
        $all = $spoken = [];
        foreach ($rules as $rule) {
            if (! $this->whole && ! in_array($rule, $this->rulebook->prompt, true)) {
                continue;
            }
            foreach ($this->said($rule) as $one) {
                $about = "{$one->rule->code} {$one->on}";
                if ($one->rule->isCloser && isset($spoken[$about])) {
                    if (self::rank($one) >= min(array_map(static fn (int $at): int => self::rank($all[$at]), $spoken[$about]))) {
                        continue;
                    }
                    $all = array_diff_key($all, array_flip($spoken[$about]));
                }
                $all[] = $one;
                $one->rule->isCloser || $spoken[$about][] = array_key_last($all);
            }
        }

        return array_values($all);
    }

    /** Graver first; what could not be judged last. */
    private static function rank(Finding|Unchecked $one): int
    {
        return $one instanceof Finding ? $one->level->rank() : PHP_INT_MAX;
    }

    /** @return list<Finding|Unchecked> */
    private function said(Rule $rule): array
    {
        return $this->said[$rule::class] ??= iterator_to_array($rule->check($this->boat), false);
    }
}
