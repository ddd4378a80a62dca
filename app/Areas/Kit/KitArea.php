<?php

declare(strict_types=1);

namespace App\Areas\Kit;

use App\Areas\Contract\Area;
use App\Models\Job;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

/** What lies on the bench before a boat is touched. */
final class KitArea extends Area
{
    public function stage(): string
    {
        return 'kit';
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return KitAnswer::of($job, $evaluation, $judged);
    }
}
