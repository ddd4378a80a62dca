<?php

declare(strict_types=1);

namespace Dinghy\Network;

/** Where a backbone is powered. */
final readonly class PowerTap
{
    /**
     * @param  float  $at  m along the trunk
     * @param  float|null  $volts  V there; null: what the circuit that leads to it says
     */
    public function __construct(public float $at, public ?float $volts)
    {
    }
}
