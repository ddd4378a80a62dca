<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** A lead line beside the boat against what the sounder says. */
final class LeadLine
{
    /** m that a line is read to: waves, stretch, a soft bottom */
    public const READ_TO = 0.05;

    /**
     * The offset that would make a screen show what the owner wants to read.
     *
     * @param  float  $sounded  m, from the surface to the bottom
     * @param  float  $measured  m, from the transducer to the bottom
     * @return float|null m, added to what is measured; null: nobody has said how deep the boat goes
     */
    public static function offset(DepthFrom $from, Transducer $transducer, float $sounded, float $measured): ?float
    {
        $belowWater = $sounded - $measured;
        $draught = $transducer->belowWater === null || $transducer->aboveKeel === null ? null : $transducer->belowWater + $transducer->aboveKeel;

        return match ($from) {
            DepthFrom::Transducer => 0.0,
            DepthFrom::Surface => $belowWater,
            DepthFrom::Keel => $draught === null ? null : $belowWater - $draught,
        };
    }

    /** Whether the line and the sounder agree with where the transducer was measured to sit; null: nobody has measured. */
    public static function agrees(Transducer $transducer, float $sounded, float $measured): ?bool
    {
        return $transducer->belowWater === null ? null : abs($sounded - $measured - $transducer->belowWater) <= self::READ_TO;
    }
}
