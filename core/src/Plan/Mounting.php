<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Geometry\Spot;
use Dinghy\Mounting\Deploy;
use Dinghy\Mounting\Shaft;
use Dinghy\Mounting\Sight;
use Dinghy\Mounting\Sweep;
use Dinghy\Record\Record;

/** Where and how a device is mounted, as far as it was measured. */
final readonly class Mounting
{
    /**
     * @param  Spot|null  $at  null: at its station
     * @param  float|null  $thrust  N of a motor
     * @param  bool  $positionHold  a motor that is to hold the boat in place
     * @param  bool  $mapOrientation  a screen whose map is to turn with the boat
     * @param  bool  $calibrated  a heading sensor that was calibrated where it sits
     * @param  string|null  $sky  open, screened, under-metal
     */
    private function __construct(
        public ?Spot $at,
        public ?float $thrust,
        public bool $positionHold,
        public bool $mapOrientation,
        public bool $calibrated,
        public ?string $sky,
        public ?bool $steppedOn,
        public ?Deploy $deploy,
        public ?Sweep $sweep,
        public ?Shaft $shaft,
        public ?Sight $fromHelm,
        public ?Sight $fromAngler,
    ) {
    }

    public static function unmeasured(): self
    {
        return new self(null, null, false, false, false, null, null, null, null, null, null, null);
    }

    /** @param  Record  $device  whose measures they are */
    public static function of(Record $device): self
    {
        $measured = static fn (string $key): ?Record => $device->recordOrNull($key);
        $at = $measured('at_m');
        [$deploy, $sweep, $shaft] = [$measured('deploy'), $measured('sweep'), $measured('shaft')];
        [$helm, $angler] = [$measured('seen_from_helm'), $measured('seen_from_angler')];

        return new self(
            $at === null ? null : Spot::of($at),
            $device->numberOrNull('thrust_n'),
            $device->flag('position_hold'),
            $device->flag('map_orientation'),
            $device->flag('calibrated'),
            $device->textOrNull('sky'),
            $device->flagOrNull('stepped_on'),
            $deploy === null ? null : Deploy::of($deploy),
            $sweep === null ? null : Sweep::of($sweep),
            $shaft === null ? null : Shaft::of($shaft),
            $helm === null ? null : Sight::of($helm),
            $angler === null ? null : Sight::of($angler),
        );
    }
}
