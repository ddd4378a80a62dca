<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\UnknownGauge;
use Dinghy\Quantity\Units;

/**
 * What a person types into a field of a plan, in either unit system: "19ft 6in", "6 m", "6 AWG", "16mm²", "56 A", "12,7".
 * A bare number is in the units the person chose. Nothing typed means "not given".
 */
final class TypedQuantity
{
    private const LENGTH_UNITS = [
        'm' => 1.0, 'cm' => 0.01, 'mm' => 0.001,
        'ft' => 0.3048, 'feet' => 0.3048, 'foot' => 0.3048, "'" => 0.3048, '′' => 0.3048,
        'in' => 0.0254, 'inch' => 0.0254, 'inches' => 0.0254, '"' => 0.0254, '″' => 0.0254,
    ];

    /** Unit words by the ending of a field's name, and how many of the file's unit one of them is. */
    private const UNITS = [
        'a' => ['a' => 1.0, 'amp' => 1.0, 'amps' => 1.0, 'ma' => 0.001],
        'v' => ['v' => 1.0, 'volt' => 1.0, 'volts' => 1.0, 'mv' => 0.001],
        'ah' => ['ah' => 1.0],
        'mohm' => ['mω' => 1.0, 'mohm' => 1.0, 'ω' => 1000.0, 'ohm' => 1000.0],
        'pct' => ['%' => 1.0],
        'n' => ['n' => 1.0, 'lbf' => 4.4482216, 'lb' => 4.4482216, 'lbs' => 4.4482216],
        'kg' => ['kg' => 1.0, 'lb' => 0.45359237, 'lbs' => 0.45359237],
        'deg' => ['°' => 1.0, 'deg' => 1.0],
        'm2' => ['m²' => 1.0, 'm2' => 1.0, 'ft²' => 0.09290304, 'ft2' => 0.09290304, 'sqft' => 0.09290304],
        'celsius' => ['°c' => 1.0, 'c' => 1.0],
        'hours' => ['h' => 1.0, 'hour' => 1.0, 'hours' => 1.0, 'min' => 1 / 60],
        'minutes' => ['min' => 1.0, 'minute' => 1.0, 'minutes' => 1.0, 'h' => 60.0],
        'days' => ['day' => 1.0, 'days' => 1.0, 'd' => 1.0],
        'khz' => ['khz' => 1.0, 'hz' => 0.001, 'mhz' => 1000.0],
    ];

    /** What a bare number is for people who chose imperial units. */
    private const IMPERIAL = ['n' => 'lbf', 'kg' => 'lb', 'm2' => 'ft²'];

    /** Lengths that may lie on either side of where they are measured from. */
    private const SIGNED = ['x_m', 'y_m', 'below_m', 'setback_m', 'above_keel_m', 'depth_offset_m'];

    /** Three lengths in one: length, width and height. */
    private const BOXES = ['inside_mm', 'size_mm', 'tray_mm'];

    /** V: above this nobody means volts on a small boat */
    private const HIGHEST_VOLTS = 80.0;

    private const EXAMPLES = [
        'a' => '30 A', 'v' => '12.7 V', 'ah' => '100 Ah', 'mohm' => '62 mΩ', 'pct' => '3 %',
        'n' => '112 lbf or 500 N', 'kg' => '900 kg', 'deg' => '20°', 'm2' => '2.4 m²', 'celsius' => '12 °C', 'hours' => '1.5 h', 'days' => '30 days', 'minutes' => '3 min',
        'khz' => '200 kHz',
    ];

    /**
     * @param  string  $field  a dotted path as in a patch: "run.length_m", "protection.0.rating_a"
     * @param  string|null  $shown  what stood there: a bare number over "5.9 in" is inches
     * @return float|string|list<float>|null the value as the plan file holds it
     *
     * @throws QuantityRefused
     */
    public static function read(
        string $field,
        string $typed,
        Units $units,
        ?string $shown = null,
    ): float|string|array|null {
        $text = mb_strtolower(trim($typed));
        $unit = mb_strtolower(self::unitShown($typed, $shown ?? ''));
        if ($text === '') {
            return null;
        }
        try {
            return self::valueOf($field, $typed, $text.$unit, $units);
        } catch (QuantityRefused $refused) {
            // What stood there may have been written with a word that is no unit, as "14 days".
            return $unit === '' ? throw $refused : self::valueOf($field, $typed, $text, $units);
        }
    }

    /** @return float|string|list<float> */
    private static function valueOf(string $field, string $typed, string $text, Units $units): float|string|array
    {
        // "occupied_mm.0" is one of the lengths of a list.
        $path = (string) preg_replace('~\.\d+$~', '', $field);
        $name = substr($path, (int) strrpos('.'.$path, '.'));
        if ($name === 'gauge') {
            return self::gauge($typed, $text, $units);
        }
        if ($path === $field && in_array($name, self::BOXES, true)) {
            return self::box($typed, $text, $units);
        }
        $ending = substr($name, (int) strrpos('_'.$name, '_'));

        return match ($ending) {
            // To starboard, aft of the transom, above the eye: a minus before the whole of it.
            'm' => in_array($name, self::SIGNED, true) && preg_match('~^[-−]\s*(.+)$~u', $text, $match) === 1
                ? -self::length($typed, $match[1], $units)
                : self::length($typed, $text, $units),
            // Small measures are millimetres, or inches where those were chosen.
            'mm' => self::millimetres($typed, $text, $units),
            default => self::number($typed, $text, $ending, $units),
        };
    }

    /** The unit of what stood there, where it was one number with one unit and a bare number is typed over it. */
    private static function unitShown(string $typed, string $shown): string
    {
        $bare = preg_match('~^\s*[-−]?\s*[\d.,/]+(\s+\d+/\d+)?\s*$~u', $typed) === 1;

        return $bare && preg_match(
            '~^\s*[-−]?\s*[\d.,/]+\s*([^\s\d.,/]+)\s*$~u',
            $shown,
            $match,
        ) === 1 ? " {$match[1]}" : '';
    }

    private static function millimetres(string $typed, string $text, Units $units): float
    {
        // To a millionth of a millimetre: 14 in are 355.6 mm, whatever binary fractions make of it.
        return round(
            1000 * self::length(
                $typed,
                preg_match('~^[\d.,/\s]+$~', $text) === 1 ? $text.($units === Units::Metric ? ' mm' : ' in') : $text,
                $units,
            ),
            6,
        );
    }

    /**
     * "640 × 360 × 280 mm", "25 x 14 x 11 in": a unit at the end holds for all three.
     *
     * @return list<float> mm
     */
    private static function box(string $typed, string $text, Units $units): array
    {
        $sides = array_map(trim(...), preg_split('~[x×*]|\bby\b~u', $text) ?: []);
        if (count($sides) !== 3) {
            throw QuantityRefused::expected('length × width × height, such as 640 × 360 × 280 mm', $typed);
        }
        $unit = preg_match('~[a-z"″]+$~u', $sides[2], $match) === 1 ? $match[0] : '';

        return array_map(
            static fn (string $side): float => self::millimetres(
                $typed,
                preg_match('~\d$~', $side) === 1 ? "{$side} {$unit}" : $side,
                $units,
            ),
            $sides,
        );
    }

    private static function gauge(string $typed, string $text, Units $units): string
    {
        $known = preg_match(
            '~^#?\s*(\d+(?:[.,]\d+)?|\d/0)\s*(awg|ga|gauge|mm2|mm²|mm\^2|sq ?mm|qmm)?$~u',
            $text,
            $match,
        ) === 1;
        if ($known) {
            $metric = isset($match[2]) ? ! in_array(
                $match[2],
                ['awg', 'ga', 'gauge'],
                true,
            ) : $units === Units::Metric && ! str_contains($match[1], '/');
            try {
                return Gauge::of(str_replace(',', '.', $match[1]).($metric ? ' mm2' : ' AWG'))->name;
            } catch (UnknownGauge) {
                // falls through to the refusal, which names what is known
            }
        }
        throw QuantityRefused::expected('a gauge that is made, such as 6 AWG, 2/0 AWG or 16 mm²', $typed);
    }

    private static function length(string $typed, string $text, Units $units): float
    {
        $metres = 0.0;
        $rest = str_replace(',', '.', $text);
        $pattern = '~^\s*(?:(\d+)/([1-9]\d*)|(\d+(?:\.\d+)?|\.\d+)(?:\s+(\d+)/([1-9]\d*))?)\s*(feet|foot|ft|inches|inch|in|mm|cm|m|\'|"|′|″)?~u';
        $bare = $units === Units::Metric ? 1.0 : 0.3048;
        while ($rest !== '' && preg_match($pattern, $rest, $match, PREG_UNMATCHED_AS_NULL) === 1) {
            $value = (float) ($match[3] ?? 0) + (int) ($match[1] ?? $match[4] ?? 0) / (int) ($match[2] ?? $match[5] ?? 1);
            $unit = $match[6] ?? null;
            if ($unit === null && $bare === null) {
                break;
            }
            $metres += $value * ($unit === null ? $bare : self::LENGTH_UNITS[$unit]);
            // After feet a bare number is inches: 19' 6
            $bare = $unit !== null && self::LENGTH_UNITS[$unit] === 0.3048 ? 0.0254 : null;
            $rest = ltrim(substr($rest, strlen((string) $match[0])));
        }
        if ($rest !== '' || preg_match('~\d~', $text) !== 1) {
            throw QuantityRefused::expected('a length, such as 19ft 6in or 6 m', $typed);
        }

        return round($metres, 9);
    }

    private static function number(string $typed, string $text, string $ending, Units $units): float
    {
        if (preg_match('~^([+-]?(?:\d+(?:[.,]\d+)?|[.,]\d+))\s*(\S*)$~u', $text, $match) === 1) {
            $unit = $match[2] === '' && $units === Units::Imperial ? self::IMPERIAL[$ending] ?? '' : $match[2];
            $factor = $unit === '' ? 1.0 : self::UNITS[$ending][$unit] ?? null;
            if ($factor !== null) {
                return self::meant($ending, (float) str_replace(',', '.', $match[1]) * $factor, $typed);
            }
        }
        throw QuantityRefused::expected(
            'a number'.(isset(self::EXAMPLES[$ending]) ? ', such as '.self::EXAMPLES[$ending] : ''),
            $typed,
        );
    }

    /** @throws QuantityRefused where volts can only have been millivolts: it is asked, not guessed */
    private static function meant(string $ending, float $value, string $typed): float
    {
        if ($ending === 'v' && abs($value) > self::HIGHEST_VOLTS) {
            throw QuantityRefused::expected(
                'volts up to '.self::HIGHEST_VOLTS.'; did you mean '.rtrim(
                    rtrim(number_format($value / 1000, 3, '.', ''), '0'),
                    '.',
                ).' V? Type it so',
                $typed,
            );
        }

        return $value;
    }
}
