<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\LoadClass;

/** What a device asks of its circuit. */
final readonly class CircuitRequirements
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

    /** @param  \stdClass  $figures  a device as the plan file has it */
    public static function by(\stdClass $figures): self
    {
        $number = static fn (string $key): float => is_int($figures->{$key} ?? null) || is_float($figures->{$key} ?? null)
            ? (float) $figures->{$key}
            : 0.0;

        return new self(
            DeviceKind::tryFrom(is_string($figures->kind ?? null) ? $figures->kind : '') ?? DeviceKind::Other,
            $number('v_min'), $number('v_max'), $number('typical_a'), $number('peak_a'),
            isset($figures->fuse_a) ? $number('fuse_a') : null,
        );
    }

    public static function ofDevice(Device $device): self
    {
        return new self(
            $device->kind,
            $device->minVolts,
            $device->maxVolts,
            $device->typicalAmps,
            $device->peakAmps,
            $device->makersFuse,
        );
    }

    /** What a fuse block asks: its feed is judged as one of electronics. */
    public static function block(): self
    {
        return new self(DeviceKind::Display, 0, 0, 0, 0, null);
    }

    public function class(): LoadClass
    {
        return $this->kind->loadClass();
    }

    public function takes(float $nominalVolts): bool
    {
        return $nominalVolts >= $this->minVolts && $nominalVolts <= $this->maxVolts;
    }
}
