<?php

declare(strict_types=1);

namespace App\Areas\Layout;

use App\Areas\Contract\Area;
use App\Models\Job;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

final class LayoutArea extends Area
{
    public function stage(): string
    {
        return 'layout';
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return LayoutAnswer::of($evaluation);
    }

    public function proposals(): array
    {
        return LayoutProposals::all();
    }
}
