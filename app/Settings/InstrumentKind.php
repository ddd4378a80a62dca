<?php

declare(strict_types=1);

namespace App\Settings;

/** An outside device or service that Dinghy can speak to, where a shop registered its address. */
enum InstrumentKind: string
{
    case Meter = 'meter';
    case BatteryMonitor = 'battery-monitor';
    case Network = 'network';
    case NetworkUdp = 'network-udp';
    case LabelPrinter = 'label-printer';
    case Mail = 'mail';
}
