<?php

declare(strict_types=1);

namespace Dinghy\Plan;

enum DeviceKind: string
{
    case Display = 'display';
    case SonarModule = 'sonar-module';
    case Motor = 'motor';
    case NetworkHub = 'network-hub';
    case HeadingSensor = 'heading-sensor';
    case PositionAntenna = 'position-antenna';
    case Anchor = 'anchor';
    case Pump = 'pump';
    case Light = 'light';
    case Radio = 'radio';
    case Charger = 'charger';
    case Other = 'other';

    /** What restarts when its volts dip. */
    public function isElectronics(): bool
    {
        return match ($this) {
            self::Display, self::SonarModule, self::NetworkHub, self::HeadingSensor, self::PositionAntenna, self::Radio => true,
            default => false,
        };
    }

    /** Whether a backbone that it is a node of can feed it, within its load units: a sensor, not a screen or a pump. */
    public function livesOnBackbone(): bool
    {
        return match ($this) {
            self::HeadingSensor, self::PositionAntenna, self::Other => true,
            default => false,
        };
    }

    /** How much of its volts a device of this kind may lose on the way, where nothing feeds it yet. */
    public function loadClass(): LoadClass
    {
        return match (true) {
            $this === self::Motor => LoadClass::Thrust,
            $this->isElectronics() => LoadClass::Electronics,
            default => LoadClass::General,
        };
    }
}
