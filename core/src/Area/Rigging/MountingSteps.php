<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\CuredAndCharged;
use Dinghy\Area\Rigging\Rule\HoldRule;
use Dinghy\Area\Rigging\Rule\MainsByLicence;
use Dinghy\Plan\Device;
use Dinghy\Plan\Hole;
use Dinghy\Plan\HoleUse;
use Dinghy\Plan\Plan;
use Dinghy\Solving\SolvedBoat;

/** Holes, boards, and every part at its place. */
final class MountingSteps
{
    /** min until a sealant bears water where its maker says nothing else [common practice, no source] */
    private const CURED = 1440.0;

    /** min to unpack a device, to write down its number and to see it start [common practice, no source] */
    private const TRIED = 10.0;

    /** @return list<Step> */
    public static function of(SolvedBoat $boat): array
    {
        $plan = $boat->plan;
        $safe = PreparingSteps::safe($plan);
        $photographs = PreparingSteps::photographs($plan);
        $steps = [];
        foreach ($plan->devices as $device) {
            $steps[] = new Step(self::seen($device), StepKind::Mount, ucfirst("{$device->label()}: unpacked, its number written down, tried on the bench with its lead and its plugs."), [$device->on()], [], place: Place::Bench, minutes: self::TRIED);
        }
        foreach ($plan->holes as $hole) {
            $steps[] = new Step("drill:{$hole->id}", StepKind::Drill, ucfirst("{$hole->label()}: look behind it, then drill; slow, and sealed at its edge."), ["hole:{$hole->id}"], [...$safe, ...$photographs, ...self::seenAt($plan, $hole->station)], $hole->station);
            if ($hole->belowWater) {
                $steps[] = new Step("wait:hole:{$hole->id}", StepKind::Wait, ucfirst("{$hole->label()}: the sealant cures, for as long as its maker says."), ["hole:{$hole->id}"], ["drill:{$hole->id}"], $hole->station, hold: new CuredAndCharged, minutes: self::CURED);
            }
        }
        foreach ($plan->boards as $board) {
            $steps[] = new Step("make:board:{$board->id}", StepKind::Mount, ucfirst("{$board->label()}: made up on the bench."), ["board:{$board->id}"], [], place: Place::Bench);
            $steps[] = new Step("mount:board:{$board->id}", StepKind::Mount, ucfirst("{$board->label()}: in its place, in one piece."), ["board:{$board->id}"], ["make:board:{$board->id}", ...$safe], $board->station);
        }
        foreach ($plan->batteries as $battery) {
            $steps[] = self::at("battery:{$battery->id}", ucfirst("{$boat->called($battery)}: strapped, so that it cannot move."), $battery->station, $safe);
        }
        foreach ($plan->banks as $bank) {
            if ($bank->shunt !== null) {
                $steps[] = self::at("bank:{$bank->id}", ucfirst("the shunt of {$bank->label()}: fastened beside its negative post."), PartStation::of($plan, "bank:{$bank->id}"), $safe);
            }
        }
        foreach ($plan->blocks as $block) {
            $steps[] = self::at("block:{$block->id}", ucfirst("{$block->label()}: fastened where a hand finds its fuses."), $block->station, $safe);
        }
        foreach ($plan->chargers as $charger) {
            if ($charger->isPartOfEngine()) {
                continue;
            }
            $mains = $charger->input === 'mains';
            $steps[] = self::at("charger:{$charger->id}", ucfirst("{$charger->label()}: fastened where it keeps cool".($mains ? ', its receptacle with the drain hole down' : '').'.'), PartStation::of($plan, "charger:{$charger->id}"), $safe, $mains ? new MainsByLicence : null);
        }
        foreach ($plan->devices as $device) {
            $steps[] = self::at($device->on(), ucfirst("{$device->label()}: in its place."), $device->station, [...$safe, self::seen($device)]);
        }

        return $steps;
    }

    /**
     * @param  list<string|null>  $stations
     * @param  HoleUse|null  $for  null: whatever they are for
     * @return list<string> ids of the steps that drill holes there
     */
    public static function drilled(Plan $plan, array $stations, ?HoleUse $for = null): array
    {
        return array_values(array_map(
            static fn (Hole $hole): string => "drill:{$hole->id}",
            array_filter($plan->holes, static fn (Hole $hole): bool => $hole->station !== null && in_array($hole->station, $stations, true) && ($for === null || $hole->use === $for)),
        ));
    }

    /** @return list<string> id of the step that fastens a part; none: it comes with the engine */
    public static function mounted(Plan $plan, string $part): array
    {
        [$kind, $id] = explode(':', $part, 2);

        return $kind === 'charger' && $plan->chargers[$id]->isPartOfEngine() ? [] : ["mount:{$part}"];
    }

    /** The step in which a device is seen to work before a hole is drilled for it. */
    private static function seen(Device $device): string
    {
        return "bench:{$device->on()}";
    }

    /** @return list<string> ids of steps: devices at a place are tried before anything is drilled there */
    private static function seenAt(Plan $plan, ?string $station): array
    {
        return array_values(array_map(self::seen(...), array_filter($plan->devices, static fn (Device $device): bool => $station !== null && $device->station === $station)));
    }

    /** @param  list<string>  $safe  ids of steps before it */
    private static function at(string $on, string $says, ?string $station, array $safe, ?HoldRule $hold = null): Step
    {
        return new Step("mount:{$on}", StepKind::Mount, $says, [$on], $safe, $station, hold: $hold);
    }
}
