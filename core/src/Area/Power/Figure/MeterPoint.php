<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

use Dinghy\Plan\Post;
use Dinghy\Source\Formula;

/** Two points to put the probes on, and what the meter must show at rest. */
final readonly class MeterPoint
{
    /** Share of the reading, and V: what a hand meter may be off by. */
    private const METER_SHARE = 0.005;

    private const METER_VOLTS = 0.02;

    /** V for each block whose rested volts were not measured */
    private const UNMEASURED_BLOCK = 0.1;

    private function __construct(
        public string $id,
        public Post $plus,
        public Post $minus,
        public string $label,
        public float $expect,
        public float $low,
        public float $high,
        public ?string $note,
    ) {
    }

    /**
     * @param  int  $unmeasured  blocks between the points whose rested volts were not measured
     * @param  string|null  $note  what to know of it before reading; null: nothing
     */
    public static function atRest(
        string $id,
        Post $plus,
        Post $minus,
        string $label,
        float $volts,
        int $unmeasured,
        ?string $note,
    ): self {
        $tolerance = self::METER_SHARE * abs($volts) + self::METER_VOLTS + self::UNMEASURED_BLOCK * $unmeasured;

        return new self($id, $plus, $minus, $label, $volts, $volts - $tolerance, $volts + $tolerance, $note);
    }

    public function accepts(float $volts): bool
    {
        return $volts >= $this->low && $volts <= $this->high;
    }

    public static function formula(): Formula
    {
        return Formula::ofPractice('resting volts between the two points, ± ('.(100 * self::METER_SHARE).' % + '.self::METER_VOLTS.' V) for the meter, ± '
            .self::UNMEASURED_BLOCK.' V for each block not measured', 'circuit solver');
    }
}
