<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** The exclusive or of every sign between the start of a sentence and its star [pub NMEA 0183]. */
final class Checksum
{
    /** @return string two hexadecimal digits */
    public static function of(string $between): string
    {
        $sum = 0;
        foreach (str_split($between) as $sign) {
            $sum ^= ord($sign);
        }

        return sprintf('%02X', $sum);
    }
}
