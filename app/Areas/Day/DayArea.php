<?php

declare(strict_types=1);

namespace App\Areas\Day;

use App\Areas\Contract\Area;
use App\Models\Job;
use App\WorkOrders\Decisions;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

/** The day on the water, run when somebody looks at it. */
final class DayArea extends Area
{
    public function stage(): string
    {
        return 'day';
    }

    public function isPrompt(): bool
    {
        return false;
    }

    public function proposals(): array
    {
        return DayProposals::all();
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        $whole = $evaluation->whole();

        return DayAnswer::of($whole, Decisions::of($job, $whole));
    }
}
