<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Figure;

use Dinghy\Mounting\Deploy;
use Dinghy\Mounting\Shaft;
use Dinghy\Mounting\Sight;
use Dinghy\Mounting\Sweep;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;

/** One question about how a device is mounted, with its answer where it was measured. */
final readonly class MountingCheck
{
    /**
     * @param  string  $field  of the device that holds its measures
     * @param  bool|null  $good  null: not measured
     * @param  array<string, float>  $figures  SI, and rad
     */
    private function __construct(
        public string $field,
        public string $asks,
        public ?bool $good,
        public string $says,
        public array $figures,
    ) {
    }

    /**
     * @return list<self> what is asked of a device of its kind, where it stands: a motor astern comes down over no bow
     */
    public static function allOf(Plan $plan, Device $device, QuantityFormatter $words): array
    {
        $mounting = $device->mounting;
        if ($device->isMotor()) {
            return [
                ...($mounting->deploy !== null || $plan->mayStandAtBow($device) ? [
                    self::deploy($mounting->deploy, $words),
                ] : []),
                ...($mounting->sweep !== null || $plan->mayStandAtBow($device) ? [
                    self::sweep($mounting->sweep, $words),
                ] : []),
                self::shaft($mounting->shaft, $words),
            ];
        }

        return $device->kind !== DeviceKind::Display ? [] : [
            self::sight('helm', $mounting->fromHelm, $words),
            self::sight('angler', $mounting->fromAngler, $words),
        ];
    }

    private static function deploy(?Deploy $deploy, QuantityFormatter $words): self
    {
        $asks = 'Does the shaft clear the bow as it comes down?';
        if ($deploy === null) {
            return new self('deploy', $asks, null, 'Not measured.', []);
        }
        $clear = $deploy->clearance();
        $says = $clear > 1e-9
            ? "Clears the outermost edge of the bow by {$words->short($clear)}."
            : "Strikes the bow: {$words->short(-$clear)} too close.";

        return new self('deploy', $asks, $clear > 1e-9, $says, ['clearance_m' => $clear]);
    }

    private static function sweep(?Sweep $sweep, QuantityFormatter $words): self
    {
        if ($sweep === null) {
            return new self('sweep', 'Do head and cord clear rail and door as it turns?', null, 'Not measured.', []);
        }
        $middle = $sweep->at(0.0);
        $says = static fn (float $clearance): string => $clearance >= 0
            ? "clears by {$words->short($clearance)}"
            : "passes over by {$words->short(-$clearance)}";

        return new self('sweep', 'Do head and cord clear rail and door as it turns?', $sweep->clearance() >= 0,
            "The rail: {$says($sweep->fromRail())}; the door: {$says($sweep->fromDoor())}."
                .($sweep->offset > 0 ? " In the middle: rail {$says($middle->fromRail())}, door {$says($middle->fromDoor())}." : ''),
            ['rail_m' => $sweep->fromRail(), 'door_m' => $sweep->fromDoor(), 'radius_m' => $sweep->radius()]);
    }

    private static function shaft(?Shaft $shaft, QuantityFormatter $words): self
    {
        if ($shaft === null) {
            return new self('shaft', 'Does the propeller hang deep enough?', null, 'Not measured.', []);
        }
        $good = $shaft->depth() >= $shaft->needed() - 1e-9;

        return new self('shaft', 'Does the propeller hang deep enough?', $good,
            ($shaft->depth() < 0 ? "The hub hangs {$words->short(-$shaft->depth())} above the water" : "The hub hangs {$words->short($shaft->depth())} under")
                .", {$words->short($shaft->needed())} are needed".($good ? '.' : ": it takes a shaft of {$words->length($shaft->lengthNeeded())}."),
            [
                'depth_m' => $shaft->depth(),
                'needed_m' => $shaft->needed(),
                'length_needed_m' => $shaft->lengthNeeded(),
            ]);
    }

    private static function sight(string $who, ?Sight $sight, QuantityFormatter $words): self
    {
        $asks = $who === 'helm'
            ? 'Is it seen and reached from the helm?'
            : 'Is it seen and reached from where the angler stands?';
        if ($sight === null) {
            return new self("seen_from_{$who}", $asks, null, 'Not measured.', []);
        }

        return new self("seen_from_{$who}", $asks, $sight->isSeen() && $sight->isInReach(),
            "Seen from {$words->degrees($sight->offSquare())} off square, ".($sight->isSeen() ? 'within' : 'beyond')." {$words->degrees(Sight::CONE)}. "
                .($sight->reached ? "{$words->length($sight->reach())} from the shoulder; an arm reaches {$words->length(Sight::ARM)}." : 'Only looked at from there.'),
            ['off_square_rad' => $sight->offSquare(), 'reach_m' => $sight->reach()]);
    }
}
