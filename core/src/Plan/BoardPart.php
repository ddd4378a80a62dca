<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/** A switch, breaker or block on a board; mm, its lower left corner from the board's, its holes from its own. */
final readonly class BoardPart
{
    /** @param  list<array{x: float, y: float, diameter: float}>  $holes */
    private function __construct(
        public string $name,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public array $holes,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('name'),
            $record->number('x_mm'),
            $record->number('y_mm'),
            $record->number('width_mm'),
            $record->number('height_mm'),
            array_map(
                static fn (Record $hole): array => [
                    'x' => $hole->number('x_mm'),
                    'y' => $hole->number('y_mm'),
                    'diameter' => $hole->number('diameter_mm'),
                ],
                $record->records('holes'),
            ),
        );
    }
}
