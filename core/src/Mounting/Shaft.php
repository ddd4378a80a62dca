<?php

declare(strict_types=1);

namespace Dinghy\Mounting;

use Dinghy\Record\Record;

/**
 * How deep a motor's propeller hangs: the hub is to be 0.4 m under at rest (its blades' tips then some 0.26 m), and
 * 0.13 m more for rough water [cp].
 */
final readonly class Shaft
{
    private const AT_REST = 0.40;

    private const FOR_CHOP = 0.13;

    /**
     * @param  float  $length  m from the head's underside to the propeller's hub
     * @param  float  $mountHeight  m of the mount above the water, boat loaded
     * @param  float  $collar  m of the shaft that stay above the mount
     * @param  float  $lean  rad out of plumb
     */
    public function __construct(
        public float $length,
        public float $mountHeight,
        public float $collar,
        public float $lean,
        public bool $rough,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->number('length_m'),
            $record->number('mount_height_m'),
            $record->number('collar_m'),
            deg2rad($record->number('lean_deg')),
            $record->text('water') === 'rough',
        );
    }

    /** @return float m of water over the hub at rest; below zero: it hangs in the air */
    public function depth(): float
    {
        return ($this->length - $this->collar) * cos($this->lean) - $this->mountHeight;
    }

    /** @return float m that the hub is to be under */
    public function needed(): float
    {
        return self::AT_REST + ($this->rough ? self::FOR_CHOP : 0.0);
    }

    /** @return float m: the shortest shaft that hangs deep enough */
    public function lengthNeeded(): float
    {
        return $this->collar + ($this->mountHeight + $this->needed()) / cos($this->lean);
    }
}
