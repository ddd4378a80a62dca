<?php

declare(strict_types=1);

namespace App\Areas\Power;

use App\Areas\Contract\Area;
use App\Models\Job;
use Dinghy\Area\Power\Figure\ProfilePoint;
use Dinghy\Area\Power\Figure\VoltProfile;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Jumper;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Terminal;

final class PowerArea extends Area
{
    public function stage(): string
    {
        return 'power';
    }

    public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return [
            'profiles' => array_map(self::profile(...), VoltProfile::allOf($evaluation->boat)),
            'banks' => array_map(
                fn (Bank $bank): array => self::bank($evaluation->boat->plan, $bank),
                array_values($evaluation->boat->plan->banks),
            ),
        ];
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

    /** @return array<string, mixed> which wire stands on which post of a bank */
    private static function bank(Plan $plan, Bank $bank): array
    {
        return [
            'id' => $bank->id,
            'posts' => array_merge(...array_map(
                static fn (Battery $battery): array => [$battery->plus()->name, $battery->minus()->name],
                $bank->batteries(),
            )),
            'terminals' => array_map(
                static fn (Terminal $terminal): array => [
                    'name' => $terminal->name,
                    'post' => $terminal->post($bank)->name,
                ],
                $bank->terminals(),
            ),
            'wires' => array_map(
                static fn (Jumper $wire): array => [
                    'id' => $wire->id,
                    'from' => $wire->from->name,
                    'to' => $wire->to->name,
                ],
                $bank->wires(),
            ),
            'feeds' => array_map(static fn (Feed $feed): array => [
                'feed' => $feed->id, 'plus' => $feed->supply->plusPost()->name, 'minus' => $feed->supply->minus->post($bank)->name,
            ], $plan->feedsOf($bank)),
        ];
    }
}
