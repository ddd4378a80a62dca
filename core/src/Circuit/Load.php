<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\LoadKind;

/** What a device draws between its two pins: $amps at $nominalVolts, and more or less as its kind says at other volts. */
final readonly class Load
{
    public function __construct(
        public string $name,
        public string $plus,
        public string $minus,
        public LoadKind $kind,
        public float $amps,
        public float $nominalVolts,
    ) {
    }

    public function ohms(): float
    {
        return $this->nominalVolts / $this->amps;
    }

    /** A drawn at the given volts by a load that is not a resistance. */
    public function ampsAt(float $volts): float
    {
        return $this->kind === LoadKind::Power ? $this->amps * $this->nominalVolts / $volts : $this->amps;
    }
}
