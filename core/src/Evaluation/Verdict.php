<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Area\Power\Figure\DeviceVolts;
use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Plan\DeviceKind;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Level;

/** How the boat stands, in a sentence or two: the top line of a screen. */
final class Verdict
{
    /** @param  int  $decided findings that somebody has decided about, with a reason */
    public static function of(Evaluation $evaluation, int $decided = 0): string
    {
        $stops = $evaluation->count(Level::Stop);
        $decisions = $evaluation->count(Level::Warn) - $decided;
        $stands = match (true) {
            $stops === 0 && $decisions === 0 => 'No stops, nothing to decide.',
            $stops === 0 => "No stops, {$decisions} to decide.",
            default => $stops.($stops === 1 ? ' stop' : ' stops').($decisions === 0 ? ', nothing to decide.' : ", {$decisions} to decide."),
        };

        return implode(' ', array_filter([$stands, self::lowestScreen($evaluation), self::fullThrust($evaluation), self::unchecked($evaluation)]));
    }

    private static function lowestScreen(Evaluation $evaluation): ?string
    {
        $screens = array_filter($evaluation->boat->figures(PowerFigures::class)->devices, static fn (DeviceVolts $volts): bool => $volts->device->kind === DeviceKind::Display && $volts->loaded !== null);
        if ($screens === []) {
            return null;
        }
        $lowest = min(array_map(static fn (DeviceVolts $volts): float => $volts->loaded ?? INF, $screens));

        return 'Lowest screen '.number_format($lowest, 1).' V.';
    }

    private static function fullThrust(Evaluation $evaluation): ?string
    {
        foreach ($evaluation->boat->figures(PowerFigures::class)->devices as $volts) {
            if ($volts->device->kind === DeviceKind::Motor && $volts->loaded !== null) {
                return 'Motor '.number_format($volts->loaded, 1).' V at '.QuantityFormatter::trim($volts->device->peakAmps, 0).' A.';
            }
        }

        return null;
    }

    private static function unchecked(Evaluation $evaluation): ?string
    {
        $count = count($evaluation->unchecked);

        return $count === 0 ? null : "{$count} not checked.";
    }
}
