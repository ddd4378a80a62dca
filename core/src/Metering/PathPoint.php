<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** Two places on the way of a circuit, plus and minus, between which its volts are read. */
final readonly class PathPoint
{
    /**
     * @param  string  $id  among those of its path; it stays where the plan around it changes
     * @param  string  $says  where it is: "Battery 3 of thrust +", "behind the 60 A breaker"
     * @param  string  $plus  node
     * @param  string  $minus  node
     */
    public function __construct(
        public string $id,
        public string $says,
        public string $plus,
        public string $minus,
    ) {
    }
}
