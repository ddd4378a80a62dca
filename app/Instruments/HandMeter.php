<?php

declare(strict_types=1);

namespace App\Instruments;

use Dinghy\Metering\HandMeter as Shown;

/** Reads a hand meter at an address that a shop registered. */
final class HandMeter
{
    /** s that it may take to answer */
    private const PATIENCE = 2;

    private const TIMES = ['V' => 1.0, 'mV' => 1e-3, 'Ω' => 1.0, 'ohm' => 1.0, 'kΩ' => 1e3, 'kohm' => 1e3, 'MΩ' => 1e6, 'Mohm' => 1e6];

    /** @return array{value: float, unit: string}|null in V or Ω; null: nobody answers, or what it says is no reading */
    public static function read(Address $address): ?array
    {
        $line = @stream_socket_client($address->url(), timeout: self::PATIENCE);
        if ($line === false) {
            return null;
        }
        stream_set_timeout($line, self::PATIENCE);
        fwrite($line, "READ\n");
        $answer = trim((string) fgets($line, 60));
        fclose($line);
        if (preg_match('/^O\.?L\.? ?(V|Ω|ohm)$/u', $answer, $over) === 1) {
            return ['value' => Shown::OVER, 'unit' => $over[1] === 'V' ? 'V' : 'Ω'];
        }
        if (preg_match('/^([+-]?\d{1,9}(?:\.\d{1,6})?) ?(V|mV|Ω|kΩ|MΩ|ohm|kohm|Mohm)$/u', $answer, $found) !== 1) {
            return null;
        }

        return ['value' => (float) $found[1] * self::TIMES[$found[2]], 'unit' => str_ends_with($found[2], 'V') ? 'V' : 'Ω'];
    }
}
