<?php

declare(strict_types=1);

namespace Dinghy\Area\Survey\Remedy;

use Dinghy\Diagnosis\Cause;
use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddDevice;
use Dinghy\Proposal\CircuitRequirements;
use Dinghy\Proposal\FreeId;
use Dinghy\Survey\PathCheck;

/**
 * What puts an end to a path that was found at fault: a run of the plan that passes it by, made where there is none
 * yet.
 */
final class DirectFeed
{
    /**
     * @return Patch|null null: the path leads to no device of the plan, no bank of its volts is there, or no new run would mend it
     */
    public static function of(Plan $plan, PathCheck $check, Cause $cause): ?Patch
    {
        $device = $check->device === null ? null : $plan->devices[$check->device] ?? null;
        if ($device === null) {
            return null;
        }
        [$run, $throughOld, $old] = self::runTo($plan, $device);
        if ($run !== null && ! $throughOld) {
            return Patch::set("check:{$check->id}", ['renewed_by' => $run]);
        }
        $bank = $cause->liesInThePath() ? self::bankFor($plan, $check, $old) : null;
        if ($bank === null) {
            return null;
        }
        $name = "direct to {$device->id}";
        $feed = AddDevice::feed($plan, CircuitRequirements::ofDevice($device), (object) [
            'bank' => $bank->id,
            'plus' => 'pos',
            'minus' => 'neg',
        ], $name, (object) ['device' => $device->id],
            $check->length === null ? null : (object) ['length_m' => $check->length]);

        return ($run === null ? $feed : Patch::remove($run)->and($feed))->and(
            Patch::set("check:{$check->id}", ['renewed_by' => FreeId::like($plan, $name)]),
        );
    }

    /**
     * @return array{string|null, bool, Bank|null} the run to a device, whether it goes through something old, and the bank it is taken from
     */
    private static function runTo(Plan $plan, Device $device): array
    {
        foreach ($plan->feeds as $feed) {
            if ($feed->device === $device->id) {
                return $feed->run->extraOhms > 0 ? [
                    "feed:{$feed->id}",
                    true,
                    $feed->supply->bank,
                ] : [$feed->id, false, $feed->supply->bank];
            }
        }
        foreach ($plan->blocks as $block) {
            foreach ($block->branches as $branch) {
                if ($branch->device !== $device->id) {
                    continue;
                }
                foreach ($plan->feeds as $feed) {
                    if ($feed->block === $block->id) {
                        return $feed->run->extraOhms + $branch->run->extraOhms > 0 ? [
                            "branch:{$branch->id}",
                            true,
                            $feed->supply->bank,
                        ] : [$branch->id, false, $feed->supply->bank];
                    }
                }

                return ["branch:{$branch->id}", true, null];
            }
        }

        return [null, false, null];
    }

    private static function bankFor(Plan $plan, PathCheck $check, ?Bank $old): ?Bank
    {
        foreach ($old === null ? $plan->banks : [$old, ...$plan->banks] as $bank) {
            if ($bank->nominalVolts() === $check->nominalVolts) {
                return $bank;
            }
        }

        return null;
    }
}
