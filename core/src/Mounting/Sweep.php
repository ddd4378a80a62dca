<?php

declare(strict_types=1);

namespace Dinghy\Mounting;

use Dinghy\Record\Record;

/**
 * What the head of a motor and its coiled cord sweep as it turns all the way round: circles about the shaft's axis, which
 * stands in the middle of the boat or to one side of it. The rail runs at one distance from the middle on either side; the
 * door, lid or screen behind the motor lies on the middle.
 */
final readonly class Sweep
{
    /**
     * @param  float  $head  m from the axis to the farthest end of the head
     * @param  float  $cord  m from the axis to the outside of the cord's loop
     * @param  float  $rail  m from the middle of the boat to the nearest rail
     * @param  float  $door  m aft from the axis to the nearest door, lid or screen
     * @param  float  $offset  m that the axis stands to one side
     */
    public function __construct(
        public float $head,
        public float $cord,
        public float $rail,
        public float $door,
        public float $offset,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->number('head_m'),
            $record->number('cord_m'),
            $record->number('rail_m'),
            $record->number('door_m'),
            $record->number('offset_m'),
        );
    }

    /**
     * The same motor with its axis elsewhere.
     *
     * @param  float  $offset  m to one side
     */
    public function at(float $offset): self
    {
        return new self($this->head, $this->cord, $this->rail, $this->door, $offset);
    }

    /** @return float m that head and cord pass over */
    public function radius(): float
    {
        return max($this->head, $this->cord);
    }

    /** @return float m between what sweeps and the nearest rail; below zero: it passes over it */
    public function fromRail(): float
    {
        return $this->rail - $this->offset - $this->radius();
    }

    /** @return float m between what sweeps and the door, lid or screen; below zero: it passes over it */
    public function fromDoor(): float
    {
        return hypot($this->door, $this->offset) - $this->radius();
    }

    /** @return float m: the smaller of the two */
    public function clearance(): float
    {
        return min($this->fromRail(), $this->fromDoor());
    }
}
