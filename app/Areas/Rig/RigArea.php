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
        $acts = $job->workEntries()->whereIn('act', [Act::Done->value, Act::Undo->value])->pluck('act', 'id')->countBy();
        $done = $acts->get(Act::Done->value, 0) - $acts->get(Act::Undo->value, 0);

        return $done > 0 ? "{$done} done" : null;
    }
}
