<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

enum TransducerMount: string
{
    case InHull = 'in-hull';
    case Transom = 'transom';
    case Shaft = 'shaft';
    case LowerUnit = 'lower-unit';
    case ThroughHull = 'through-hull';
    case Pole = 'pole';

    public function label(): string
    {
        return match ($this) {
            self::InHull => 'inside the hull',
            self::Transom => 'on the transom',
            self::Shaft => 'on the shaft of a motor',
            self::LowerUnit => 'on the lower unit of a motor',
            self::ThroughHull => 'through the hull',
            self::Pole => 'on a pole of its own',
        };
    }

    /** Whether a motor turns it. */
    public function isOnMotor(): bool
    {
        return $this === self::Shaft || $this === self::LowerUnit;
    }

    /** Whether glue holds it or sealant keeps the water out, and has to cure first. */
    public function cures(): bool
    {
        return match ($this) {
            self::InHull, self::ThroughHull, self::Transom => true,
            self::Shaft, self::LowerUnit, self::Pole => false,
        };
    }
}
