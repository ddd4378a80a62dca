<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** What an instrument tells of. */
enum Measured: string
{
    case Depth = 'depth';
    case DepthOffset = 'depth-offset';
    case WaterTemperature = 'water-temperature';
    case HeadingMagnetic = 'heading-magnetic';
    case HeadingTrue = 'heading-true';
    case Latitude = 'latitude';
    case Longitude = 'longitude';
    case SpeedOverGround = 'speed-over-ground';
    case SpeedThroughWater = 'speed-through-water';
    case Volts = 'volts';
    case Amps = 'amps';
    case Charge = 'charge';
    case MinutesOut = 'minutes-out';

    public function label(): string
    {
        return match ($this) {
            self::Depth => 'depth below the transducer',
            self::DepthOffset => 'depth offset set in it',
            self::WaterTemperature => 'water temperature',
            self::HeadingMagnetic => 'heading, magnetic',
            self::HeadingTrue => 'heading, true',
            self::Latitude => 'latitude',
            self::Longitude => 'longitude',
            self::SpeedOverGround => 'speed over ground',
            self::SpeedThroughWater => 'speed through the water',
            self::Volts => 'battery',
            self::Amps => 'out of the battery',
            self::Charge => 'charge of the battery',
            self::MinutesOut => 'since leaving',
        };
    }

    /** SI, but for degrees */
    public function unit(): string
    {
        return match ($this) {
            self::Depth, self::DepthOffset => 'm',
            self::WaterTemperature => '°C',
            self::HeadingMagnetic, self::HeadingTrue, self::Latitude, self::Longitude => '°',
            self::SpeedOverGround, self::SpeedThroughWater => 'm/s',
            self::Volts => 'V',
            self::Amps => 'A',
            self::Charge => '%',
            self::MinutesOut => 'min',
        };
    }
}
