<?php

declare(strict_types=1);

namespace App\Areas\Sonar;

use App\Areas\Contract\Area;
use App\Models\Job;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

/** What screens see: beams and sound, and the volts along backbones. */
final class SonarArea extends Area
{
    public function stage(): string
    {
        return 'sonar';
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return [...SonarAnswer::of($evaluation->boat), 'orders' => SonarOrders::of($job->boat->customer->shop, $evaluation, $judged)];
    }

    public function proposals(): array
    {
        return SonarProposals::all();
    }

    public function additions(): array
    {
        return SonarAdditions::all();
    }
}
