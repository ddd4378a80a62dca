<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\LoadKind;

/**
 * What a device draws between its two pins: $amps at $nominalVolts, and more or less as its kind says at other volts.
 */
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

    /** @return float A drawn at the given volts */
    public function ampsAt(float $volts): float
    {
        return $this->kind->ampsAt($volts, $this->amps, $this->nominalVolts);
    }

    /** @return float S, how its current grows with its volts; of constant power: falls */
    public function slopeAt(float $volts): float
    {
        return match ($this->kind) {
            LoadKind::Power => -$this->amps * $this->nominalVolts / ($volts * $volts),
            LoadKind::Current => 0.0,
            LoadKind::Resistance => $this->amps / $this->nominalVolts,
        };
    }

    public function scaled(float $share): self
    {
        return new self($this->name, $this->plus, $this->minus, $this->kind, $share * $this->amps, $this->nominalVolts);
    }
}
