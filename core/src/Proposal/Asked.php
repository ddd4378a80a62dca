<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\LoadClass;

/** What a device asks of its circuit. */
final readonly class Asked
{
    /**
     * @param  float  $minVolts  V
     * @param  float  $maxVolts  V
     * @param  float  $typicalAmps  A
     * @param  float  $peakAmps  A
     * @param  float|null  $makersFuse  A
     */
    public function __construct(
        public DeviceKind $kind,
        public float $minVolts,
        public float $maxVolts,
        public float $typicalAmps,
        public float $peakAmps,
        public ?float $makersFuse,
    ) {
    }

    public function class(): LoadClass
    {
        return match (true) {
            $this->kind === DeviceKind::Motor => LoadClass::Thrust,
            $this->kind->isElectronics() => LoadClass::Electronics,
            default => LoadClass::General,
        };
    }

    public function takes(float $nominalVolts): bool
    {
        return $nominalVolts >= $this->minVolts && $nominalVolts <= $this->maxVolts;
    }
}
