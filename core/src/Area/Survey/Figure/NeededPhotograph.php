<?php

declare(strict_types=1);

namespace Dinghy\Area\Survey\Figure;

use Dinghy\Plan\Plan;
use Dinghy\Plan\Station;
use Dinghy\Survey\FoundBattery;
use Dinghy\Survey\Photograph;

/**
 * A photograph that must exist before anything is unhooked: of every compartment, and of the posts of every battery
 * found.
 */
final readonly class NeededPhotograph
{
    private const COMPARTMENTS = ['locker', 'console', 'battery', 'engine'];

    /** @param  int  $taken  photographs that are there */
    private function __construct(
        public string $of,
        public string $label,
        public int $taken,
    ) {
    }

    /** @return list<self> */
    public static function listFor(Plan $plan): array
    {
        $labels = [];
        foreach ($plan->boat->stations as $station) {
            if (self::isCompartment($plan, $station)) {
                $labels["station:{$station->id}"] = $station->label();
            }
        }
        foreach ($plan->survey->batteries ?? [] as $battery) {
            $labels["post:{$battery->id}"] = "the posts of {$battery->label()}";
        }
        $taken = array_count_values(
            array_map(
                static fn (Photograph $photograph): string => $photograph->of,
                array_values($plan->survey->photographs ?? []),
            ),
        );

        return array_map(
            static fn (string $of): self => new self($of, $labels[$of], $taken[$of] ?? 0),
            array_keys($labels),
        );
    }

    /**
     * @param  list<self>  $needed
     * @return list<self> those that nobody has taken
     */
    public static function missingOf(array $needed): array
    {
        return array_values(array_filter($needed, static fn (self $photograph): bool => $photograph->taken === 0));
    }

    private static function isCompartment(Plan $plan, Station $station): bool
    {
        return in_array($station->kind, self::COMPARTMENTS, true) || $station->inside !== null
            || array_filter(
                $plan->survey->batteries ?? [],
                static fn (FoundBattery $battery): bool => $battery->station === $station->id,
            ) !== [];
    }
}
