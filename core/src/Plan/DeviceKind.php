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
}
