<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/**
 * Where a battery stands in its compartment, seen from above: its corner nearest the compartment's, and how it is
 * turned.
 */
final readonly class BlockPosition
{
    /**
     * @param  float  $x  mm along the compartment
     * @param  float  $y  mm across it
     * @param  int  $turned  degrees clockwise; at 0 its long side lies along x and its posts stand at the edge of greater y
     */
    public function __construct(
        public float $x,
        public float $y,
        public int $turned,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self($record->number('x_mm'), $record->number('y_mm'), (int) $record->number('turned'));
    }

    /** As the plan file writes it, to the millimetre. */
    public function planned(): \stdClass
    {
        return (object) ['x_mm' => (int) round($this->x), 'y_mm' => (int) round($this->y), 'turned' => $this->turned];
    }
}
