<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Plan\Post;
use Dinghy\Source\Formula;

/** Two points to put the probes on, and what the meter must show at rest. */
final readonly class MeterPoint
{
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
        $tolerance = HandMeter::offVolts($volts) + HandMeter::UNMEASURED_BLOCK * $unmeasured;

        return new self($id, $plus, $minus, $label, $volts, $volts - $tolerance, $volts + $tolerance, $note);
    }

    public function accepts(float $volts): bool
    {
        return $volts >= $this->low && $volts <= $this->high;
    }

    public static function formula(): Formula
    {
        return Formula::ofPractice('resting volts between the two points, ± ('.(100 * HandMeter::VOLTS_SHARE).' % + '.HandMeter::VOLTS.' V) for the meter, ± '
            .HandMeter::UNMEASURED_BLOCK.' V for each block not measured', 'circuit solver');
    }
}
