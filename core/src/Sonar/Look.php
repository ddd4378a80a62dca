<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** The way a live transducer is turned on its pole or shaft. Common practice, no source. */
enum Look: string
{
    case Forward = 'forward';
    case Down = 'down';
    case Perspective = 'perspective';

    public function label(): string
    {
        return match ($this) {
            self::Forward => 'forward: a fan from ahead to below',
            self::Down => 'down: a fan along the boat',
            self::Perspective => 'perspective: a flat fan ahead',
        };
    }

    /** A flat fan lies on its side: the maker has a mount of its own for that. */
    public function needsMount(): bool
    {
        return $this === self::Perspective;
    }

    /**
     * Where its fan lies, in a plane along the boat (forward, down) or level (perspective).
     *
     * @param  float  $beam  ° from edge to edge
     * @return array{float, float} ° below straight ahead of the upper and the lower edge; of a level fan ° to port and to starboard of ahead
     */
    public function edges(float $beam): array
    {
        return match ($this) {
            self::Forward => [0.0, $beam],
            self::Down => [90 - $beam / 2, 90 + $beam / 2],
            self::Perspective => [-$beam / 2, $beam / 2],
        };
    }
}
