<?php

declare(strict_types=1);

namespace App\Instruments;

use Dinghy\Sentence\Checksum;

/** A small boat that drifts over an uneven floor and says so in sentences, once a second. */
final readonly class SimulatedBoat
{
    /** s until a boat that is to fall silent does */
    private const TALKS = 4;

    /**
     * @param  list<InstrumentFault>  $faults
     * @param  SimulatedMonitor|null  $monitor  what its battery says; null: volts alone, of a boat that lies still
     */
    public function __construct(private array $faults = [], private ?SimulatedMonitor $monitor = null)
    {
    }

    /** @return string what it says in a second, with line ends */
    public function says(int $second): string
    {
        if ($this->has(InstrumentFault::Silence) && $second >= self::TALKS) {
            return '';
        }
        $depth = $this->has(InstrumentFault::FrozenDepth) ? 4.2 : 4.2 + 0.6 * sin($second / 7);
        $said = [
            self::depth('SD', $depth),
            'SDMTW,11.6,C',
            sprintf('HCHDG,%.1f,0.0,E,3.1,E', fmod(87 + 4 * sin($second / 5) + 360, 360)),
            sprintf('GPRMC,%s,A,4731.%04d,N,01214.%04d,E,%.1f,084.0,281126,3.1,E', gmdate('His', $second), 2000 + $second % 1000, 5000 + $second % 1000, 1.2 + 0.2 * sin($second / 3)),
            $this->monitor?->says($second) ?? sprintf('IIXDR,U,%.2f,V,HOUSE', 12.74 - 0.02 * sin($second / 11)),
        ];
        $this->has(InstrumentFault::TwoTalkers) && $said[] = self::depth('II', $depth + 1.3);

        return implode('', array_map(static fn (string $one): string => "\${$one}*".Checksum::of($one)."\r\n", $said))
            .($this->has(InstrumentFault::Checksum) ? '$'.self::depth('SD', $depth)."*00\r\n" : '')
            .($this->has(InstrumentFault::Binary) ? random_bytes(200)."\r\n" : '');
    }

    private static function depth(string $talker, float $metres): string
    {
        return sprintf('%sDBT,%.1f,f,%.1f,M,%.1f,F', $talker, $metres / 0.3048, $metres, $metres / 1.8288);
    }

    private function has(InstrumentFault $fault): bool
    {
        return in_array($fault, $this->faults, true);
    }
}
