<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Figure;

use Dinghy\Compartment\Compartment;
use Dinghy\Compartment\PositionedBlock;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\Battery;
use Dinghy\Plan\BatteryName;
use Dinghy\Plan\BlockPosition;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Station;
use Dinghy\Quantity\QuantityFormatter;

/**
 * What is fitted, where the boat plan has it: batteries to scale in their compartment, fuse blocks and devices at their
 * place.
 */
final readonly class Fitting
{
    private const BATTERY = 'battery';

    private const BLOCK = 'block';

    /**
     * @param  string  $on  kind:id
     * @param  string  $kind  battery, block, or the kind of a device
     * @param  string|null  $station  null: it has none
     * @param  Spot  $at  its middle
     * @param  array{float, float}|null  $size  m along and across the boat; null: drawn as a sign
     * @param  bool  $hasOwnPlace  false: it is somewhere at its station
     */
    private function __construct(
        public string $on,
        public string $label,
        public string $kind,
        public ?string $station,
        public Spot $at,
        public ?array $size,
        public bool $hasOwnPlace,
    ) {
    }

    /** @return list<self> those whose station or place is known */
    public static function allOf(Plan $plan, QuantityFormatter $words): array
    {
        $fittings = [];
        foreach ($plan->boat->stations as $station) {
            array_push($fittings, ...self::batteriesAt($plan, $station, $words));
        }
        foreach ($plan->blocks as $block) {
            $spot = $block->station === null ? null : $plan->boat->stations[$block->station]->at();
            if ($spot !== null) {
                $fittings[] = new self(
                    "block:{$block->id}",
                    ucfirst(str_replace('-', ' ', $block->id)),
                    self::BLOCK,
                    $block->station,
                    $spot,
                    null,
                    false,
                );
            }
        }
        foreach ($plan->devices as $device) {
            $spot = $plan->spotOf($device);
            if ($spot !== null) {
                $fittings[] = new self(
                    "device:{$device->id}",
                    $device->label(),
                    $device->kind->value,
                    $device->station,
                    $spot,
                    null,
                    $device->mounting->at !== null,
                );
            }
        }

        return $fittings;
    }

    /**
     * As they stand in their compartment, whose middle is the station; those that the plan says nothing of in a row beyond.
     *
     * @return list<self>
     */
    private static function batteriesAt(Plan $plan, Station $station, QuantityFormatter $words): array
    {
        $here = array_values(
            array_filter($plan->batteries, static fn (Battery $battery): bool => $battery->station === $station->id),
        );
        if ($here === []) {
            return [];
        }
        usort($here, static fn (Battery $a, Battery $b): int => ($a->position === null) <=> ($b->position === null));
        $blocks = [];
        $row = 0.0;
        foreach ($here as $battery) {
            $blocks[] = $block = new PositionedBlock($battery, $battery->position ?? new BlockPosition($row, 0.0, 270));
            $row = max($row, $block->position->x + $block->width + Compartment::GAP);
        }
        $long = $station->inside[0] ?? $row - Compartment::GAP;
        $wide = $station->inside[1] ?? max(
            array_map(static fn (PositionedBlock $block): float => $block->position->y + $block->depth, $blocks),
        );

        return array_map(static fn (PositionedBlock $block): self => new self(
            "battery:{$block->battery->id}",
            BatteryName::alone($plan, $block->battery, $words->countedFrom),
            self::BATTERY,
            $station->id,
            // The compartment is drawn as it is seen from above: along it forward, across it to starboard.
            new Spot(
                $station->x + ($block->position->x + $block->width / 2 - $long / 2) / 1000,
                $station->y - ($block->position->y + $block->depth / 2 - $wide / 2) / 1000,
            ),
            [$block->width / 1000, $block->depth / 1000],
            $block->battery->position !== null,
        ), $blocks);
    }
}
