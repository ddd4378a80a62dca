<?php

declare(strict_types=1);

namespace Dinghy\Mounting;

use Dinghy\Record\Record;

/**
 * A bow motor brought down over the edge of the bow, from the side. The shaft's axis stands square to the deck, `reach`
 * along the deck from the front edge of the mount; the outermost edge of the bow, rub rail included, lies `setback` ahead
 * of the mount and `edgeDrop` below it, level and plumb. A deck that rises forward leans the shaft forward as it goes down.
 */
final readonly class Deploy
{
    /**
     * @param  float  $setback  m from the front edge of the mount to the outermost edge of the bow
     * @param  float  $reach  m from the front edge of the mount to the shaft's axis when it is down
     * @param  float  $shaft  m across the shaft, or across whatever of it passes the edge
     * @param  float  $edgeDrop  m that the edge lies below the mount
     * @param  float  $slope  rad that the deck rises forward
     */
    public function __construct(
        public float $setback,
        public float $reach,
        public float $shaft,
        public float $edgeDrop,
        public float $slope,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->number('setback_m'),
            $record->number('reach_m'),
            $record->number('shaft_mm') / 1000,
            $record->number('edge_drop_m'),
            deg2rad($record->number('slope_deg')),
        );
    }

    /** @return float m between the edge and the side of the shaft that faces it; below zero: it strikes */
    public function clearance(): float
    {
        return $this->reach - $this->setback * cos($this->slope) + $this->edgeDrop * sin($this->slope) - $this->shaft / 2;
    }
}
