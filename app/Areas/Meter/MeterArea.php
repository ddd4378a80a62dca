<?php

declare(strict_types=1);

namespace App\Areas\Meter;

use App\Areas\Contract\Area;
use App\Models\Job;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

/** What a meter shows of a boat. */
final class MeterArea extends Area
{
    public function stage(): string
    {
        return 'meter';
    }

    public function isPrompt(): bool
    {
        return false;
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return MeterAnswer::of($job, $evaluation);
    }

    public function state(Job $job): ?string
    {
        $read = $job->readings()->distinct()->count('meter_point') + $job->loadTests()->distinct()->count('circuit');

        return $read > 0 ? "{$read} read" : null;
    }
}
