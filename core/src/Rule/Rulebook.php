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

    /** @var array<string, non-empty-list<Rule>> by code: one, or one that every edit is answered with and one that judges the same more closely */
    private array $byCode;

    /** @var array<string, Stage> by code, apart for what judges more closely */
    private array $stages;

    /** @param  list<array{Stage, list<Rule>, list<Rule>}>  $rules  each stage with those that are seen and mended at it, and those of them that judge what takes longer */
    public function __construct(array $rules)
    {
        [$byCode, $stages, $late] = [[], [], []];
        foreach ($rules as [$stage, $ofStage, $lateOfStage]) {
            array_push($late, ...$lateOfStage);
            foreach ([...$ofStage, ...$lateOfStage] as $rule) {
                $code = $rule->text()->code;
                isset($stages[self::key($rule->text())]) && throw new \LogicException("Two rules are called {$code}.");
                $byCode[$code][] = $rule;
                $stages[self::key($rule->text())] = $stage;
            }
        }
        uksort(
            $byCode,
            static fn (string $a, string $b): int => [
                strpos(self::CHAPTERS, $a[0]),
                $a,
            ] <=> [strpos(self::CHAPTERS, $b[0]), $b],
        );
        [$this->rules, $this->byCode, $this->stages] = [array_merge(...array_values($byCode)), $byCode, $stages];
        $this->prompt = array_values(array_filter($this->rules, static fn (Rule $rule): bool => ! in_array($rule, $late, true)));
    }

    /** Whether it judges, or judges more closely, what takes longer than an edit may wait. */
    public function isLate(string $code): bool
    {
        return array_filter($this->byCode[$code] ?? [], fn (Rule $rule): bool => ! in_array($rule, $this->prompt, true)) !== [];
    }

    /**
     * @return non-empty-list<Rule> one, or one and what judges the same more closely
     *
     * @throws \OutOfBoundsException when there is no rule of that code
     */
    public function called(string $code): array
    {
        return $this->byCode[$code] ?? throw new \OutOfBoundsException("There is no rule {$code}.");
    }

    /** @throws \OutOfBoundsException when the rule is not of this book */
    public function stageOf(RuleText $rule): Stage
    {
        return $this->stages[self::key($rule)] ?? throw new \OutOfBoundsException("There is no rule {$rule->code}.");
    }

    private static function key(RuleText $text): string
    {
        return $text->code.($text->isCloser ? ' more closely' : '');
    }
}
