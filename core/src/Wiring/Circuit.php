<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Device;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Protection;
use Dinghy\Plan\Run;
use Dinghy\Protection\Demand;

/** A feed or a branch as it lies in its plan: what it carries, how far, through what, at which volts. */
final readonly class Circuit
{
    /**
     * @param  list<Protection>  $protection  from the source outward
     * @param  float|null  $nominalVolts  between the bank terminals used; null: nothing feeds it
     * @param  float|null  $length  m one way; null: unknown
     * @param  list<Device>  $behind  every device that draws through it
     */
    public function __construct(
        public string $id,
        public RunKind $kind,
        public LoadClass $class,
        public Run $run,
        public array $protection,
        public ?float $nominalVolts,
        public ?float $length,
        public bool $engineSpace,
        public array $behind,
        public string $label,
    ) {
    }

    /** Its name in findings and patches, as "feed:house". */
    public function on(): string
    {
        return $this->kind->value.':'.$this->id;
    }

    /** A: Σ typical of everything behind it, motors at their peak. */
    public function amps(): float
    {
        return array_sum(array_map(static fn (Device $device): float => $device->sizingAmps(), $this->behind));
    }

    /** A: Σ peak of everything behind it. */
    public function peakAmps(): float
    {
        return array_sum(array_map(static fn (Device $device): float => $device->peakAmps, $this->behind));
    }

    public function demand(): Demand
    {
        $motors = 0.0;
        $continuous = 0.0;
        foreach ($this->behind as $device) {
            $device->isMotor() ? $motors += $device->peakAmps : $continuous += $device->typicalAmps;
        }

        return new Demand($continuous, $motors, $this->peakAmps(), count($this->behind) === 1 ? $this->behind[0]->makersFuse : null);
    }
}
