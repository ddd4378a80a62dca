<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Plan\TripPhase;
use Dinghy\Proposal\ProposalRefused;

/** A day by kind of fishing, for any boat. Hours and shaft speeds are common practice, no source: a shop knows its own water. */
final readonly class DayTemplate
{
    public const MOST_PHASES = 24;

    /** shaft speed with which motors take the place of an engine that a boat has not */
    private const INSTEAD_OF_ENGINE = 0.8;

    private const ALL_ON = ['display' => 1.0, 'sonar-module' => 1.0, 'network-hub' => 1.0, 'heading-sensor' => 1.0, 'position-antenna' => 1.0];

    private const UNDER_WAY = ['display' => 1.0, 'network-hub' => 1.0, 'heading-sensor' => 1.0, 'position-antenna' => 1.0];

    /** @param  non-empty-list<TemplatePhase>  $phases */
    public function __construct(public string $name, public array $phases)
    {
    }

    /** @return non-empty-list<self> those that come with Dinghy */
    public static function usual(): array
    {
        $out = new TemplatePhase('run out', 0.5, self::UNDER_WAY, engine: true);
        $home = new TemplatePhase('run home', 0.5, [...self::UNDER_WAY, 'light' => 1.0], engine: true, home: true);

        return [
            new self('Trolling', [$out, self::fishing('trolling', 6, 0.4), $home]),
            new self('Casting along the shore', [$out, self::fishing('casting', 5, 0.3), self::fishing('between spots', 1, 0.7), $home]),
            new self('Holding on the spot', [$out, self::fishing('holding', 6, 0.25, ['anchor' => 0.05]), $home]),
            new self('At anchor', [$out, new TemplatePhase('at anchor', 6, [...self::ALL_ON, 'pump' => 0.3]), $home]),
            new self('Lines over the ground', [$out, self::fishing('lines', 6, 0.5), $home]),
        ];
    }

    /** @param  array<string, float>  $more */
    private static function fishing(string $name, float $hours, float $speed, array $more = []): TemplatePhase
    {
        return new TemplatePhase($name, $hours, ['motor' => $speed, ...self::ALL_ON, ...$more]);
    }

    /** The planned day of a boat, for others: what is on is said by kind. */
    public static function ofPlan(Plan $plan, string $name): self
    {
        $phases = array_map(static fn (TripPhase $phase): TemplatePhase => new TemplatePhase(
            $phase->name,
            $phase->hours,
            self::byKind($plan, $phase),
            $phase->engine,
            $phase->home,
        ), array_slice($plan->trip ?? [], 0, self::MOST_PHASES));

        return $phases === [] ? throw ProposalRefused::because('No day is planned that could be kept: plan one first.') : new self($name, $phases);
    }

    /** As the day of a boat; without an engine her motors do what it would. */
    public function to(Plan $plan): Patch
    {
        $hasEngine = $plan->boat->engine !== null;
        $written = array_map(static function (TemplatePhase $phase) use ($plan, $hasEngine): \stdClass {
            $shares = $phase->engine && ! $hasEngine ? ['motor' => self::INSTEAD_OF_ENGINE, ...$phase->on] : $phase->on;
            $on = [];
            foreach ($plan->devices as $id => $device) {
                $share = $shares[$device->kind->value] ?? 0.0;
                $share > 0 && $on[$id] = $share;
            }

            return (object) [
                'name' => $phase->name, 'hours' => $phase->hours, 'on' => (object) $on,
                ...($phase->engine && $hasEngine ? ['engine' => true] : []), ...($phase->home ? ['home' => true] : []),
            ];
        }, $this->phases);

        return Patch::set('plan', ['trip.phases' => $written]);
    }

    /** @return array<string, float> the mean share of the devices of each kind that are on at all */
    private static function byKind(Plan $plan, TripPhase $phase): array
    {
        $on = [];
        foreach (DeviceKind::cases() as $kind) {
            $shares = array_filter(array_map(
                static fn (Device $device): float => $phase->on[$device->id] ?? 0.0,
                array_filter($plan->devices, static fn (Device $device): bool => $device->kind === $kind),
            ));
            $shares === [] || $on[$kind->value] = round(array_sum($shares) / count($shares), 3);
        }

        return $on;
    }
}
