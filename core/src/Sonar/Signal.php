<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** What a wire of a transducer carries, or a pin of a plug. */
enum Signal: string
{
    case SonarPlus = 'sonar+';
    case SonarMinus = 'sonar-';
    case SecondSonarPlus = 'sonar2+';
    case SecondSonarMinus = 'sonar2-';
    case Shield = 'shield';
    case Temperature = 'temp';
    case TemperatureReturn = 'temp-return';
    case TemperatureShield = 'temp-shield';
    case Speed = 'speed';
    case SpeedPower = 'speed-power';
    case Ident = 'ident';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::SonarPlus => 'sonar +',
            self::SonarMinus => 'sonar −',
            self::SecondSonarPlus => 'second sonar +',
            self::SecondSonarMinus => 'second sonar −',
            self::Shield => 'main shield',
            self::Temperature => 'temperature',
            self::TemperatureReturn => 'temperature return',
            self::TemperatureShield => 'temperature shield',
            self::Speed => 'speed',
            self::SpeedPower => 'power of the speed wheel',
            self::Ident => 'ident',
            self::None => 'nothing',
        };
    }
}
