<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** What a transducer does for a screen. */
enum SonarFunction: string
{
    case Depth = 'depth';
    case SecondDepth = 'depth-2';
    case Temperature = 'temperature';
    case Speed = 'speed';
    case Side = 'side';
    case Down = 'down';
    case Live = 'live';

    public function label(): string
    {
        return match ($this) {
            self::Depth => 'depth',
            self::SecondDepth => 'second frequency',
            self::Temperature => 'water temperature',
            self::Speed => 'speed',
            self::Side => 'side view',
            self::Down => 'down view',
            self::Live => 'live view',
        };
    }

    /** @return non-empty-list<Signal> what has to come through for it [cp] */
    public function signals(): array
    {
        return match ($this) {
            self::Depth, self::Side, self::Down, self::Live => [Signal::SonarPlus, Signal::SonarMinus, Signal::Shield],
            self::SecondDepth => [
                Signal::SonarPlus,
                Signal::SonarMinus,
                Signal::Shield,
                Signal::SecondSonarPlus,
                Signal::SecondSonarMinus,
            ],
            self::Temperature => [Signal::Temperature, Signal::TemperatureReturn],
            self::Speed => [Signal::Speed, Signal::SpeedPower],
        };
    }
}
