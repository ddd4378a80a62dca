<?php

declare(strict_types=1);

namespace App\Areas\Rig;

use App\Areas\Contract\Area;
use App\Models\Job;
use Dinghy\Area\Rigging\Act;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

/** The work on a boat, step by step. */
final class RigArea extends Area
{
    public function stage(): string
    {
        return 'rig';
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return RigAnswer::of($evaluation);
    }

    public function state(Job $job): ?string
    {
        $acts = $job->workEntries();
        $acts->whereIn('act', [Act::Done->value, Act::Undo->value]);
        $acts->orderBy('id');
        // Of each step the last.
        $done = count(array_keys($acts->pluck('act', 'step')->all(), Act::Done->value, true));

        return $done > 0 ? "{$done} done" : null;
    }
}
