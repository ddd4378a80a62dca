<?php

declare(strict_types=1);

namespace App\Areas\Power;

use App\Areas\Contract\Area;
use App\Models\Job;
use Dinghy\Area\Power\Figure\ProfilePoint;
use Dinghy\Area\Power\Figure\VoltProfile;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

final class PowerArea extends Area
{
    public function stage(): string
    {
        return 'power';
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return ['profiles' => array_map(self::profile(...), VoltProfile::allOf($evaluation->boat))];
    }

    public function additions(): array
    {
        return PowerAdditions::all();
    }

    public function proposals(): array
    {
        return PowerProposals::all();
    }

    /** @return array<string, mixed> */
    private static function profile(VoltProfile $profile): array
    {
        return [
            'device' => $profile->device->id,
            'bank' => $profile->bank->id,
            'v_min' => $profile->device->minVolts,
            'v_max' => $profile->device->maxVolts,
            'points' => array_map(static fn (ProfilePoint $point): array => [
                'at_m' => $point->metres, 'volts' => $point->volts, 'lost_v' => $point->lost,
                'label' => $point->label, 'area_mm2' => $point->areaMm2, 'run' => $point->run,
            ], $profile->points),
        ];
    }
}
