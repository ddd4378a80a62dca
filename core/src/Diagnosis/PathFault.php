<?php

declare(strict_types=1);

namespace Dinghy\Diagnosis;

use Dinghy\Conductor\Gauge;

/** One thing that a path check found, with what it costs. */
final readonly class PathFault
{
    /**
     * @param  float  $volts  V that it takes from the device
     * @param  float|null  $ohms  Ω of a bad joint
     * @param  float|null  $watts  W that it heats with
     * @param  float|null  $amps  A that something else draws at least: it may hang on less than the whole path
     * @param  Gauge|null  $mends  the thinnest gauge that would do instead
     * @param  string|null  $where  between which two points
     */
    public function __construct(
        public Cause $cause,
        public float $volts,
        public ?float $ohms = null,
        public ?float $watts = null,
        public ?float $amps = null,
        public ?Gauge $mends = null,
        public ?string $where = null,
    ) {
    }
}
