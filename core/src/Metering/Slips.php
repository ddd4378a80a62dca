<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Quantity\QuantityFormatter;

/**
 * What a person with two hands full reads wrong: each is asked about in words before the boat is blamed. Common practice, no
 * source; what a meter on AC shows of DC is from memory of how they rectify.
 */
final readonly class Slips
{
    /** times what is there: half-wave rectified and shown as if it were a sine's root mean square (π/√2 = 2.22) */
    private const ON_AC = [2.15, 2.3];

    /** times what is there that a meter of low battery shows */
    private const LOW_BATTERY = [1.015, 1.5];

    /** by which such shares may differ among each other */
    private const SAME_SHARE = 0.01;

    /** V below which a meter shows nothing to speak of */
    private const NOTHING = 0.5;

    /** Ω that is the same figure in kΩ or in MΩ as easily */
    private const UNIT_UNCLEAR = 100.0;

    /**
     * @param  list<Reading>  $earlier  on this boat, with the same meter
     * @param  list<string>  $otherBanks  names of banks that black could sit on by mistake
     */
    public static function in(Reading $reading, array $earlier, array $otherBanks, QuantityFormatter $words): ?string
    {
        return $reading->of->quantity === MeterQuantity::Ohms
            ? self::ofOhms($reading)
            : self::scale($reading, $words) ?? self::swapped($reading, $words) ?? self::onAc($reading, $words) ?? self::lowBattery($reading, $earlier) ?? self::nothing($reading, $otherBanks, $words);
    }

    private static function ofOhms(Reading $reading): ?string
    {
        return match (true) {
            $reading->value < 0 => 'Ohms have no sign: a minus means that the points are live, or that the meter is on volts. Prove them dead, then set '.$reading->of->range->value.'.',
            $reading->of->expect === null && $reading->value >= 1 && $reading->value < self::UNIT_UNCLEAR => QuantityFormatter::trim($reading->value, 2).' of what? Look at the unit on the meter: in kΩ or MΩ it is fine, in Ω something is connected.',
            default => null,
        };
    }

    private static function scale(Reading $reading, QuantityFormatter $words): ?string
    {
        $of = $reading->of;
        if ($reading->isOver()) {
            return "More than its range: set {$of->range->value}, and read again.";
        }

        return match (true) {
            abs($reading->value) >= 100 && $of->accepts($reading->value / 1000) => QuantityFormatter::trim($reading->value, 1)." V? As millivolts it would be right: {$words->volts($reading->value / 1000)}. Look at the unit on the meter.",
            ($of->expect ?? 0.0) > 1 && $of->accepts(1000 * $reading->value) => QuantityFormatter::trim($reading->value, 4).' V? A thousand times as much would be right: look at the unit, and set '.$of->range->value.'.',
            default => null,
        };
    }

    private static function swapped(Reading $reading, QuantityFormatter $words): ?string
    {
        $of = $reading->of;

        return abs($of->expect ?? 0.0) > 1 && $of->accepts(-$reading->value)
            ? "{$words->volts($reading->value)}: are the probes swapped? Red goes on {$of->red->says}, black on {$of->black->says}. If they sit so, plus and minus are swapped on the boat."
            : null;
    }

    private static function onAc(Reading $reading, QuantityFormatter $words): ?string
    {
        $share = $reading->share();

        return $share !== null && $reading->value > 5 && $share >= self::ON_AC[0] && $share <= self::ON_AC[1]
            ? "{$words->volts($reading->value)}: is the meter on AC? It shows about twice what is there. Set {$reading->of->range->value}."
            : null;
    }

    /** @param  list<Reading>  $earlier */
    private static function lowBattery(Reading $reading, array $earlier): ?string
    {
        $share = $reading->share();
        $others = array_values(array_filter(array_map(static fn (Reading $one): ?float => $one->of->quantity === MeterQuantity::Volts ? $one->share() : null, $earlier), static fn (?float $one): bool => $one !== null));
        if ($share === null || $others === [] || $share < self::LOW_BATTERY[0] || $share > self::LOW_BATTERY[1]) {
            return null;
        }
        foreach ($others as $other) {
            if (abs($other - $share) > self::SAME_SHARE) {
                return null;
            }
        }

        return 'Everything reads '.round(100 * ($share - 1)).' % high: a meter whose own battery is low does that. Change it, or compare with another meter.';
    }

    /** @param  list<string>  $otherBanks */
    private static function nothing(Reading $reading, array $otherBanks, QuantityFormatter $words): ?string
    {
        $of = $reading->of;
        if (abs($of->expect ?? 0.0) <= 1 || abs($reading->value) >= self::NOTHING) {
            return null;
        }
        $bank = $otherBanks === [] ? '' : ', black on this bank and not on '.implode(' or ', $otherBanks);

        return "Nothing, where {$words->volts((float) $of->expect)} should be. Does the meter measure? Red in the volts jack, {$of->range->value}, both tips on bare metal{$bank}. Put it across one block: it must show that.";
    }
}
