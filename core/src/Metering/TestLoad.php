<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** Something of known ohms that draws in the place of a device: a lamp, a heater, a carbon pile. */
final readonly class TestLoad
{
    /**
     * @param  float  $ohms  Ω while it draws
     * @param  float  $mostVolts  V that it bears
     */
    public function __construct(
        public string $name,
        public float $ohms,
        public float $mostVolts,
    ) {
    }

    /** @return float A at the given volts */
    public function ampsAt(float $volts): float
    {
        return $volts / $this->ohms;
    }

    /** @return list<self> that a shop begins with; their ohms from their watts, warm [common practice, no source] */
    public static function usual(): array
    {
        return [
            new self('Lamp, 12 V 55 W', 12 ** 2 / 55, 15.0),
            new self('Two lamps in series, 12 V 55 W each', 2 * 12 ** 2 / 55, 30.0),
            new self('Heater, 12 V 150 W', 12 ** 2 / 150, 15.0),
            new self('Heater, 24 V 300 W', 24 ** 2 / 300, 30.0),
            new self('Heater, 36 V 600 W', 36 ** 2 / 600, 48.0),
            new self('Carbon pile, set to 1 Ω', 1.0, 48.0),
        ];
    }
}
