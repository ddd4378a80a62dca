<?php

declare(strict_types=1);

namespace Dinghy\Trip;

/** Where the energy of a day came from and went, Wh. What converters and DC–DC chargers take is a load, what they give is charged. */
final class EnergyBalance
{
    /** out of the batteries, at their open volts */
    public float $batteries = 0.0;

    /** given at the posts of chargers and converters */
    public float $charged = 0.0;

    public float $loads = 0.0;

    /** heat in every resistance, the batteries' own among them */
    public float $wires = 0.0;
}
