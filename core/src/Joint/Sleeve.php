<?php

declare(strict_types=1);

namespace Dinghy\Joint;

use Dinghy\Source\Formula;

/** Adhesive heat-shrink that goes three to one. */
final readonly class Sleeve
{
    /** mm of bore, supplied and recovered, as it is sold [from memory] */
    private const SIZES = [[3.0, 1.0], [4.8, 1.6], [6.0, 2.0], [9.0, 3.0], [12.0, 4.0], [19.0, 6.0], [24.0, 8.0], [39.0, 13.0], [52.0, 17.0]];

    /** of the wire's diameter that the recovered bore is at most: so it grips */
    private const GRIPS = 0.8;

    /** times the barrel that the supplied bore is at least: so it goes over */
    private const CLEARS = 1.2;

    /**
     * @param  float  $supplied  mm of bore
     * @param  float  $recovered  mm of bore, shrunk with nothing in it
     */
    private function __construct(public float $supplied, public float $recovered)
    {
    }

    /**
     * The smallest that goes over the one and grips the other.
     *
     * @param  float  $over  mm across the thickest that it must pass
     * @param  float  $grip  mm across the thinnest that it must seal on
     * @return self|null null: none does both
     */
    public static function fitting(float $over, float $grip): ?self
    {
        foreach (self::SIZES as [$supplied, $recovered]) {
            if ($supplied >= self::CLEARS * $over && $recovered <= self::GRIPS * $grip) {
                return new self($supplied, $recovered);
            }
        }

        return null;
    }

    /** As it is sold: "12/4 mm". */
    public function __toString(): string
    {
        return "{$this->supplied}/{$this->recovered} mm";
    }

    public static function formula(): Formula
    {
        return Formula::ofPractice('recovered bore ≤ '.self::GRIPS.' × wire, supplied bore ≥ '.self::CLEARS.' × barrel', 'sizes as they are sold, from memory');
    }
}
