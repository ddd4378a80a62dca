<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\File\Section;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/**
 * A part of the trade that Dinghy answers for: what it adds to the plan file, to the rulebook and to every answer. An area
 * brings what it has; the rest is nothing.
 */
abstract class Area
{
    /** The stage of the work that it is planned at. */
    abstract public function stage(): Stage;

    /** Whether anything of it is planned. */
    abstract public function isBegun(Plan $plan): bool;

    /** What it adds to the plan file; null: nothing. */
    public function section(): ?Section
    {
        return null;
    }

    /** @return list<Rule> */
    public function rules(): array
    {
        return [];
    }

    /** @return list<Rule> that judge what takes longer than an edit may wait */
    public function lateRules(): array
    {
        return [];
    }

    /** @return list<RuleText> of rules that speak of no plan, but hold the work on a boat */
    public function holds(): array
    {
        return [];
    }

    /** @return array<string, mixed> its sections of the evaluation document, by key */
    public function document(SolvedBoat $boat): array
    {
        return [];
    }

    /** @return list<Reasons> why its figures are what they are */
    public function reasons(Evaluation $evaluation): array
    {
        return [];
    }

    /** @return list<string> sentences of a few words that belong at the top of a screen */
    public function headlines(SolvedBoat $boat): array
    {
        return [];
    }

    /** @return list<string> the same, of what takes longer than an edit may wait */
    public function lateHeadlines(SolvedBoat $boat): array
    {
        return [];
    }

    /** What is left to do at its stage that is no finding, as "3 to photograph"; null: nothing. */
    public function leftToDo(SolvedBoat $boat): ?string
    {
        return null;
    }
}
