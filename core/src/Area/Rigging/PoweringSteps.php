<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\LampDark;
use Dinghy\Area\Rigging\Rule\OhmsRead;
use Dinghy\Area\Rigging\Rule\RestInside;
use Dinghy\Network\Backbone;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\SizedProtection;

/** Each circuit, once it is landed: its ohms, its power, its volts at rest, its device, its volts under load, its settings. */
final class PoweringSteps
{
    /**
     * @param  list<string>  $before  ids of steps that nothing may be live at
     * @return list<Step>
     */
    public static function of(SolvedBoat $boat, Islands $islands, LandingSteps $landing, NetworkSteps $network, array $before): array
    {
        $circuits = array_values($islands->circuits);
        $steps = $commissions = [];
        foreach ($circuits as $circuit) {
            array_push($steps, ...self::ofCircuit($boat, $circuit, $islands, $landing, $before));
            if (($device = self::deviceOf($boat, $circuit)) !== null) {
                $commissions[$device][] = self::id('loaded', $circuit);
            }
        }
        foreach ($boat->plan->chargers as $id => $charger) {
            $output = $charger->batteryOutputs()[0] ?? null;
            if ($charger->isPartOfEngine() && $output !== null) {
                // Its bank is landed to the last ring, and what hangs on it was read before the engine turns.
                $needs = array_merge($landing->of("charger:{$id}"), ...array_map(static fn (Bank $bank): array => $output->isOn($bank) ? $landing->onBank($bank->id) : [], array_values($boat->plan->banks)));
                $steps[] = new Step("engine:{$id}", StepKind::Meter, "The engine runs: 13.8 to 14.6 V for each 12 V at {$boat->post($output->across[count($output->across) - 1]->plus())}.", ["charger:{$id}"], array_values(array_unique([...$needs, ...array_merge([], ...array_values($commissions))])), $output->across[0]->station, state: MeterState::Loaded);
            }
        }
        foreach ($boat->plan->devices as $id => $device) {
            $needs = $commissions[$id] ?? self::overBackbone($boat, $device, $circuits);
            if ($needs !== []) {
                $steps[] = new Step("commission:{$id}", StepKind::Commission, ucfirst("{$device->label()}: ".self::commissioned($device->kind)), [$device->on()], [...$needs, ...$network->pluggedInto((string) $id)], $device->station, place: $device->kind === DeviceKind::HeadingSensor ? Place::Water : Place::Bay);
            }
        }

        return $steps;
    }

    /**
     * @param  list<string>  $before  as of() has it
     * @return list<Step>
     */
    private static function ofCircuit(SolvedBoat $boat, Circuit $circuit, Islands $islands, LandingSteps $landing, array $before): array
    {
        $on = $circuit->on();
        $isOnMetal = $boat->plan->boat->hull?->isMetal() === true;
        $name = $boat->plan->blocks[(string) $circuit->block] ?? null;
        $what = $name?->label() ?? $circuit->device?->label() ?? $circuit->id;
        $landed = $landing->of($on);
        $device = self::deviceOf($boat, $circuit);
        $behind = array_filter($islands->circuits, static fn (Circuit $other): bool => $circuit->block !== null && $other->fromBlock === $circuit->block);
        $steps = [
            new Step(self::id('off', $circuit), StepKind::Meter, "Ohms to {$what}, plus to minus".($isOnMetal ? ' and plus to the hull' : '').', with nothing plugged in.', [$on], [...$landed, ...array_map(PreparingSteps::madeSafe(...), $islands->banksOf($on))], $circuit->to, state: MeterState::Off, metered: new OhmsRead($isOnMetal)),
            new Step(self::id('energise', $circuit), StepKind::Energise, self::powered($boat, $circuit, $what), [$on], array_values(array_unique([self::id('off', $circuit), ...self::dataLines($circuit), ...self::fed($boat, $circuit, $islands, $landing, $before)])), $circuit->from, hold: new LampDark),
            new Step(self::id('rest', $circuit), StepKind::Meter, "Volts at {$what} with nothing drawn.", [$on], [self::id('energise', $circuit)], $circuit->to, state: MeterState::Rest, metered: new RestInside),
        ];
        if ($device !== null) {
            $steps[] = new Step(self::id('plug-in', $circuit), StepKind::PlugIn, ucfirst("{$what}: plug it in."), [$on, "device:{$device}"], [self::id('rest', $circuit), "mount:device:{$device}"], $circuit->to);
        }
        $loads = $device !== null ? [self::id('plug-in', $circuit)] : array_map(static fn (Circuit $other): string => self::id('loaded', $other), array_values($behind));
        $steps[] = new Step(self::id('loaded', $circuit), StepKind::Meter, "Volts at {$what} under load.", [$on], [self::id('rest', $circuit), ...$loads], $circuit->to, state: MeterState::Loaded);

        return $steps;
    }

    /**
     * What comes before a circuit is powered. Where power enters an island, everything of the island is landed and its ohms are read,
     * on every bank that feeds it: nothing is landed on what is live already. Behind a block, what feeds the block has power and reads right.
     *
     * @param  list<string>  $before  as of() has it
     * @return list<string> ids of steps
     */
    private static function fed(SolvedBoat $boat, Circuit $circuit, Islands $islands, LandingSteps $landing, array $before): array
    {
        $needs = [];
        foreach ($islands->circuits as $other) {
            if ($circuit->fromBlock !== null && $other->block === $circuit->fromBlock) {
                array_push($needs, self::id('energise', $other), self::id('rest', $other));
            }
        }
        if ($needs !== []) {
            return $needs;
        }
        $needs = $before;
        foreach ($islands->of($circuit) as $other) {
            $needs[] = self::id('off', $other);
        }
        $banks = $islands->banksOf($circuit->on());
        foreach ($banks as $bank) {
            array_push($needs, ...$landing->onBank($bank));
        }
        foreach ($islands->chargersOf($circuit) as $charger) {
            array_push($needs, ...$landing->of("charger:{$charger->id}"));
        }
        foreach ($boat->plan->bonds as $bond) {
            if (array_intersect([$bond->from->id, $bond->to->id], $banks) !== []) {
                array_push($needs, ...$landing->of("bond:{$bond->id}"));
            }
        }

        return array_values(array_unique($needs));
    }

    /**
     * What a sensor waits for that no circuit leads to: the power of a backbone that feeds it.
     *
     * @param  list<Circuit>  $circuits
     * @return list<string> ids of steps; none: no backbone does
     */
    private static function overBackbone(SolvedBoat $boat, Device $device, array $circuits): array
    {
        $backbones = $device->kind->livesOnBackbone() ? ($boat->plan->part(DataNetwork::class)?->backbonesOf($device->id) ?? []) : [];
        $on = array_map(static fn (Backbone $backbone): string => "backbone:{$backbone->id}", $backbones);

        return array_values(array_map(static fn (Circuit $circuit): string => self::id('loaded', $circuit), array_filter($circuits, static fn (Circuit $circuit): bool => in_array($circuit->device?->on(), $on, true))));
    }

    /** What is looked at when it has power, of what it is. */
    private static function commissioned(DeviceKind $kind): string
    {
        return match ($kind) {
            DeviceKind::HeadingSensor => 'calibrate it in open water, away from iron.',
            DeviceKind::Motor => 'its lights, both ways, every speed, its remote.',
            DeviceKind::Anchor => 'down and up, and it stops where it should.',
            DeviceKind::Pump => 'it runs, it moves water, it stops.',
            DeviceKind::Light => 'it lights, and goes off at its switch.',
            DeviceKind::PositionAntenna => 'a position under open sky.',
            DeviceKind::Charger, DeviceKind::Other => 'it does what it is there for, and stops when it is switched off.',
            DeviceKind::Display, DeviceKind::SonarModule, DeviceKind::NetworkHub, DeviceKind::Radio => 'its lights, its settings, what it sees of the others.',
        };
    }

    /** @return list<string> ids of steps: the ohms between a backbone's data lines are read with nothing powered */
    private static function dataLines(Circuit $circuit): array
    {
        $on = $circuit->device?->on() ?? '';

        return str_starts_with($on, 'backbone:') ? ["off:{$on}"] : [];
    }

    /** With the rating that is to sit there: another one is another act. */
    private static function powered(SolvedBoat $boat, Circuit $circuit, string $what): string
    {
        $protections = array_map(static fn (SizedProtection $one): string => $boat->words->amps($one->rating).' '.$one->planned->family->label(), $boat->runs[$circuit->id]->protection);

        return match (true) {
            $protections === [] => "Power to {$what}: it has no fuse or breaker of its own.",
            $circuit->fromBlock === null => "Power to {$what}: ".implode(', then ', $protections).'.',
            default => "Put in the fuse of {$what}: {$protections[0]}.",
        };
    }

    private static function id(string $what, Circuit $circuit): string
    {
        return "{$what}:{$circuit->on()}";
    }

    /** The device that a circuit leads to; null: a block, or a backbone. */
    private static function deviceOf(SolvedBoat $boat, Circuit $circuit): ?string
    {
        return $circuit->device !== null && isset($boat->plan->devices[$circuit->device->id]) ? $circuit->device->id : null;
    }
}
