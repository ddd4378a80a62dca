<?php

declare(strict_types=1);

namespace Dinghy\Network;

/** A stretch of a backbone's trunk between two tees or taps. */
final readonly class TrunkLeg
{
    /**
     * @param  float  $from  m along the trunk
     * @param  float  $to  m along the trunk
     * @param  float  $amps  A that flow through its power conductors
     */
    public function __construct(public float $from, public float $to, public float $amps)
    {
    }
}
