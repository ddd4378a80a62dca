<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Rule\Finding;
use Dinghy\Rule\Question;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rulebook;
use Dinghy\Rule\Unchecked;

/** An evaluation as the JSON document that the command line prints and the page draws. Numbers are not rounded. */
final class EvaluationDocument
{
    /**
     * @param  Remedies|null  $remedies  that were tried on its plan; null: none are offered
     * @return array<string, mixed>
     */
    public static function of(Evaluation $evaluation, ?Remedies $remedies = null): array
    {
        $book = $evaluation->areas->rulebook;

        return [
            'format' => 'dinghy-evaluation',
            'version' => 1,
            ...array_merge(...array_map(
                static fn (Area $area): array => $area->document($evaluation->boat),
                $evaluation->areas->all,
            )),
            'findings' => array_map(
                static fn (Finding $finding): array => self::finding($book, $finding, $remedies?->of($finding)),
                $evaluation->findings,
            ),
            'unchecked' => array_map(
                static fn (Unchecked $unchecked): array => self::unchecked($evaluation->areas, $unchecked),
                $evaluation->unchecked,
            ),
        ];
    }

    /**
     * What is said at one stage, no remedy tried.
     *
     * @return array{findings: list<array<string, mixed>>, unchecked: list<array<string, mixed>>}
     */
    public static function ofStage(Evaluation $evaluation, string $stage): array
    {
        $book = $evaluation->areas->rulebook;
        $here = static fn (Finding|Unchecked $one): bool => $book->stageOf($one->rule)->name === $stage;

        return [
            'findings' => array_map(static fn (Finding $finding): array => self::finding($book, $finding, null), array_values(array_filter($evaluation->findings, $here))),
            'unchecked' => array_map(static fn (Unchecked $unchecked): array => self::unchecked($evaluation->areas, $unchecked), array_values(array_filter($evaluation->unchecked, $here))),
        ];
    }

    /** @return array<string, mixed> */
    private static function unchecked(Areas $areas, Unchecked $unchecked): array
    {
        $question = Question::of($unchecked, $areas->format);

        return [
            'rule' => $unchecked->rule->code,
            'stage' => $areas->rulebook->stageOf($unchecked->rule)->name,
            'on' => $unchecked->on,
            'needs' => $unchecked->needs,
            'asks' => $question->asks,
            'choices' => $question->shape?->choices,
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(Rulebook $book, Finding $finding, ?Remedy $offered): array
    {
        return [
            'rule' => $finding->rule->code,
            'stage' => $book->stageOf($finding->rule)->name,
            'level' => $finding->level->value,
            'on' => $finding->on,
            'says' => $finding->says,
            'because' => $finding->rule->because,
            'remedy' => $offered->says ?? $finding->remedy,
            'patch' => $offered?->patch->toJson(),
            'source' => $finding->rule->source,
            'mark' => $finding->rule->mark->value,
            'figures' => (object) $finding->figures,
            'occasion' => $finding->occasion(),
        ];
    }
}
