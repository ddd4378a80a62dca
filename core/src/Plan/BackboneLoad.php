<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** An instrument backbone as its circuit sees it: so many load units, whatever its volts [pub NMEA 2000, mem]. */
final class BackboneLoad
{
    /** A of one load unit */
    public const UNIT = 0.05;

    /** V that instruments work from and up to */
    private const WORKS = [9.0, 16.0];

    /** @param  Record  $backbone  as the file has it */
    public static function of(Record $backbone): Device
    {
        $units = array_sum(array_map(static fn (Record $node): float => $node->number('len'), $backbone->records('nodes')));

        return Device::standingFor(
            'backbone',
            $backbone->text('id'),
            ucfirst(IdWords::with('backbone', $backbone->text('id'))),
            self::WORKS,
            $units * self::UNIT,
        );
    }
}
