<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** What a device holds constant as its volts change. */
enum LoadKind: string
{
    case Power = 'power';
    case Current = 'current';
    case Resistance = 'resistance';

    /** In words: "it keeps its watts". */
    public function words(): string
    {
        return match ($this) {
            self::Power => 'it keeps its watts: lower volts, more amps',
            self::Current => 'it keeps its amps',
            self::Resistance => 'it keeps its ohms: lower volts, fewer amps',
        };
    }

    /**
     * What a device holds where its plan does not say: a motor at full share slows as its volts fall, everything else
     * regulates.
     */
    public static function usualOf(DeviceKind $kind): self
    {
        return $kind === DeviceKind::Motor ? self::Resistance : self::Power;
    }

    /**
     * @param  float  $amps  A that it draws at its nominal volts
     * @return float A that it draws at other volts
     */
    public function ampsAt(float $volts, float $amps, float $nominalVolts): float
    {
        return match ($this) {
            self::Power => $amps * $nominalVolts / $volts,
            self::Current => $amps,
            self::Resistance => $amps * $volts / $nominalVolts,
        };
    }
}
