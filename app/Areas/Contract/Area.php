<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use App\Models\Job;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

/**
 * What an area of the core is to the people who work with it: what its stage draws, and what it can put into a plan.
 */
abstract class Area
{
    /** The stage that it answers for, as the core names it. */
    abstract public function stage(): string;

    /** Whether what it draws may come with the answer to every change; else it is asked for, and follows. */
    public function isPrompt(): bool
    {
        return true;
    }

    /**
     * What its stage draws beside the evaluation.
     *
     * @param  PlanDocument  $judged  the plan that was evaluated
     * @return array<string, mixed>
     */
    abstract public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array;

    /** How its stage stands, where the record of the work says it and no plan does; null: as the core says. */
    public function state(Job $job): ?string
    {
        return null;
    }

    /** @return array<string, Addition> by kind of the catalogue: how a part of it is put into a plan */
    public function additions(): array
    {
        return [];
    }

    /** @return array<string, Proposal> by name: what can be made of a plan that is there */
    public function proposals(): array
    {
        return [];
    }
}
