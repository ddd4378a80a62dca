<?php

declare(strict_types=1);

namespace App\Areas\Survey;

use App\Areas\Contract\Area;
use App\Areas\Contract\Proposal;
use App\Models\Job;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddToBoat;
use Illuminate\Support\ValidatedInput;

final class SurveyArea extends Area
{
    public function stage(): string
    {
        return 'survey';
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return SurveyAnswer::of($job, $evaluation, $judged);
    }

    public function proposals(): array
    {
        return ['point' => new Proposal([
            'name' => ['required', 'string', 'min:1', 'max:60'],
            'check' => ['required', 'string', 'max:40'],
            'text' => ['required', 'string', 'max:100'],
        ], [
            'name.*' => 'Give it a name of at most 60 characters.',
            'check.*' => 'Say which path check.',
            'text.*' => 'Type the volts that were read there, as 12.4 V.',
        ], static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => AddToBoat::point(
            $plan,
            $said->string('check')->value(),
            $said->string('name')->value(),
            $said->string('text')->value(),
        ))];
    }
}
