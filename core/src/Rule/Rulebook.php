<?php

declare(strict_types=1);

namespace Dinghy\Rule;

/** The rules of all areas, in the order of the printed rulebook, and the stage of the work that each belongs to. */
final readonly class Rulebook
{
    /** Chapters: batteries, fuses and breakers, wire, devices, networks, mounting, the order of work. */
    private const CHAPTERS = 'BFWDNMS';

    /** @var list<Rule> */
    public array $rules;

    /** @var list<Rule> those that every edit is answered with: none that judges what takes longer */
    public array $prompt;

    /** @var array<string, Rule> by code */
    private array $byCode;

    /** @var array<string, Stage> by code */
    private array $stages;

    /** @param  list<array{Stage, list<Rule>, list<Rule>}>  $rules  each stage with those that are seen and mended at it, and those of them that judge what takes longer */
    public function __construct(array $rules)
    {
        [$byCode, $stages, $late] = [[], [], []];
        foreach ($rules as [$stage, $ofStage, $lateOfStage]) {
            array_push($late, ...$lateOfStage);
            foreach ([...$ofStage, ...$lateOfStage] as $rule) {
                $code = $rule->text()->code;
                isset($byCode[$code]) && throw new \LogicException("Two rules are called {$code}.");
                [$byCode[$code], $stages[$code]] = [$rule, $stage];
            }
        }
        uksort(
            $byCode,
            static fn (string $a, string $b): int => [
                strpos(self::CHAPTERS, $a[0]),
                $a,
            ] <=> [strpos(self::CHAPTERS, $b[0]), $b],
        );
        [$this->rules, $this->byCode, $this->stages] = [array_values($byCode), $byCode, $stages];
        $this->prompt = array_values(array_filter($this->rules, static fn (Rule $rule): bool => ! in_array($rule, $late, true)));
    }

    /** Whether it judges what takes longer than an edit may wait. */
    public function isLate(string $code): bool
    {
        return isset($this->byCode[$code]) && ! in_array($this->byCode[$code], $this->prompt, true);
    }

    /** @throws \OutOfBoundsException when there is no rule of that code */
    public function rule(string $code): Rule
    {
        return $this->byCode[$code] ?? throw new \OutOfBoundsException("There is no rule {$code}.");
    }

    /** @throws \OutOfBoundsException when the rule is not of this book */
    public function stageOf(RuleText $rule): Stage
    {
        return $this->stages[$rule->code] ?? throw new \OutOfBoundsException("There is no rule {$rule->code}.");
    }
}
