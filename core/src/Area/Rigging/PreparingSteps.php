<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\BankOpen;
use Dinghy\Area\Rigging\Rule\ChargersUnplugged;
use Dinghy\Area\Rigging\Rule\CuredAndCharged;
use Dinghy\Area\Rigging\Rule\OldStatePhotographed;
use Dinghy\Area\Rigging\Rule\ProvenDead;
use Dinghy\Plan\Charger;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Survey\Corrosion;

/** What comes before any tool: the old state photographed, chargers unplugged, banks open, what is old taken out. */
final class PreparingSteps
{
    /** min that blocks of a bank take to be charged full and to rest before they are joined [common practice, no source] */
    private const CHARGED_AND_RESTED = 720.0;

    /** min to save what an owner has on a screen, and to see that it is in the file [common practice, no source] */
    private const MARKS = 15.0;

    /** min to take out one old run [common practice, no source] */
    private const OLD_WIRE = 15.0;

    /** @return list<Step> */
    public static function of(Plan $plan): array
    {
        $photographs = [];
        foreach ($plan->boat->stations as $station) {
            $photographs[] = new Step("photograph:{$station->id}", StepKind::Photograph, ucfirst("{$station->label()}: photograph it as it is, posts and all."), ["station:{$station->id}"], [], $station->id, hold: new OldStatePhotographed);
        }
        $seen = self::photographs($plan);
        $unplugged = array_filter($plan->chargers, static fn (Charger $charger): bool => $charger->input === 'mains') === [] ? [] : [
            new Step('make-safe:chargers', StepKind::MakeSafe, 'Unplug the chargers from the wall, and hang their plugs where nobody takes them up.', array_map(static fn (Charger $charger): string => "charger:{$charger->id}", array_values($plan->chargers)), $seen, hold: new ChargersUnplugged),
        ];
        $needs = [...$seen, ...array_map(static fn (Step $step): string => $step->id, $unplugged)];
        $open = [];
        foreach ($plan->banks as $bank) {
            $at = $bank->batteries()[0]->station;
            $engine = in_array($plan->boat->engine?->battery, array_column($bank->batteries(), 'id'), true) ? ', the engine’s own cables marked and lifted' : '';
            $open[] = new Step(self::madeSafe($bank->id), StepKind::MakeSafe, ucfirst("{$bank->label()}: every breaker and switch open, fuses out, the load negative off first{$engine}."), ["bank:{$bank->id}"], $needs, $at, hold: new BankOpen);
            if (count($bank->batteries()) > 1) {
                $open[] = new Step(self::charged($bank->id), StepKind::Wait, ucfirst("{$bank->label()}: each block charged full by itself, then at rest, before it joins the others."), ["bank:{$bank->id}"], [], $at, hold: new CuredAndCharged, place: Place::Bench, minutes: self::CHARGED_AND_RESTED);
            }
        }

        return [...$photographs, ...self::marks($plan), ...$unplugged, ...$open, ...self::takenOut($plan)];
    }

    /**
     * Of screens that are there already: what the owner has on them is lost with the first reset.
     *
     * @return list<Step>
     */
    private static function marks(Plan $plan): array
    {
        $screens = [];
        foreach ($plan->survey->pathChecks ?? [] as $check) {
            $device = $check->device === null ? null : $plan->devices[$check->device];
            if ($device?->kind === DeviceKind::Display) {
                $screens[$device->id] = $device;
            }
        }

        return array_values(array_map(static fn (Device $screen): Step => new Step(
            "photograph:marks:{$screen->id}", StepKind::Photograph, "The screen that is at the place of {$screen->label()}: marks and tracks saved on a card, the file opened, its versions photographed.",
            [$screen->on()], [], $screen->station, hold: new OldStatePhotographed, minutes: self::MARKS,
        ), $screens));
    }

    /**
     * What is old, wire by wire, and posts that corroded; the rest at the end.
     *
     * @return list<Step>
     */
    private static function takenOut(Plan $plan): array
    {
        if ($plan->survey === null) {
            return [];
        }
        $safe = self::safe($plan);
        $steps = [];
        foreach ($plan->survey->pathChecks as $check) {
            if ($check->renewedBy !== null) {
                $steps[] = new Step("strip-out:{$check->id}", StepKind::StripOut, "{$check->label()}: prove it dead, then out with it, or keep it to pull the new one.", ["check:{$check->id}"], $safe, $check->device === null ? null : PartStation::of($plan, "device:{$check->device}"), hold: new ProvenDead, minutes: self::OLD_WIRE);
            }
        }
        foreach ($plan->survey->batteries as $battery) {
            if ($battery->corrosion === Corrosion::Light || $battery->corrosion === Corrosion::Heavy) {
                $steps[] = new Step("clean:{$battery->id}", StepKind::Clean, "{$battery->label()}: sand the rings that stay, brush its posts.", ["found:{$battery->id}"], $safe, $battery->station);
            }
        }
        // Nothing old was found: there is no conductor to prove dead.
        if ($steps === [] && $plan->survey->batteries === []) {
            return [];
        }
        $steps[] = new Step('strip-out', StepKind::StripOut, 'Take out the rest that is not used any more; leave what can pull new wire. Prove each conductor dead before it is cut.', ['plan'], [...$safe, ...array_map(static fn (Step $step): string => $step->id, $steps)], hold: new ProvenDead);

        return $steps;
    }

    /** The step after which a bank is dead. */
    public static function madeSafe(string $bank): string
    {
        return "make-safe:bank:{$bank}";
    }

    /** The same once the bank has been live: what is dead is proven. */
    public static function madeSafeAgain(Step $step, string $bank): Step
    {
        return new Step($step->id, $step->kind, ucfirst("{$bank}: chargers unplugged, breaker off, load negative off first, then the rings of what you change; prove it dead."), $step->on, $step->needs, $step->at, hold: new ProvenDead);
    }

    /** @return list<string> ids of the steps after which conductors may be worked on */
    public static function safe(Plan $plan): array
    {
        return array_map(static fn (int|string $bank): string => self::madeSafe((string) $bank), array_keys($plan->banks));
    }

    /** @return list<string> ids of the steps that keep the old state */
    public static function photographs(Plan $plan): array
    {
        return [
            ...array_map(static fn (int|string $station): string => "photograph:{$station}", array_keys($plan->boat->stations)),
            ...array_map(static fn (Step $step): string => $step->id, self::marks($plan)),
        ];
    }

    /** The step after which the blocks of a bank may be joined. */
    public static function charged(string $bank): string
    {
        return "wait:charged:{$bank}";
    }
}
