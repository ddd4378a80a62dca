<?php

declare(strict_types=1);

namespace App\Metering;

use App\Models\WorkEntry;
use Dinghy\Metering\Measurement;
use Dinghy\Metering\MeterQuantity;
use Dinghy\Metering\Ohms;
use Dinghy\Quantity\QuantityFormatter;

/** What a meter showed at a step, as an entry of the work keeps it: with what was expected then, whatever the plan says later. */
final class MeasuredContent
{
    /**
     * @param  list<Measurement>  $measurements
     * @param  list<float>  $values
     * @return list<array{says: string, unit: string, expect: float|null, value: float}>
     */
    public static function kept(array $measurements, array $values): array
    {
        return array_map(static fn (Measurement $one, float $value): array => ['says' => "{$one->says}, red on {$one->red->says}, black on {$one->black->says}", 'unit' => $one->quantity->value, 'expect' => $one->expect, 'value' => $value], $measurements, $values);
    }

    /** @return list<array{string, MeterQuantity, float|null, float}> what was read, in which quantity, what was expected, what it was */
    public static function of(WorkEntry $entry): array
    {
        $measured = $entry->content['measured'] ?? null;
        $read = [];
        foreach (is_array($measured) ? $measured : [] as $one) {
            $quantity = is_array($one) && is_string($one['unit'] ?? null) ? MeterQuantity::tryFrom($one['unit']) : null;
            if (is_array($one) && $quantity !== null && is_numeric($one['value'] ?? null)) {
                $read[] = [is_string($one['says'] ?? null) ? $one['says'] : '', $quantity, is_numeric($one['expect'] ?? null) ? (float) $one['expect'] : null, (float) $one['value']];
            }
        }

        return $read;
    }

    /** As a line of the record has it; null: nothing was measured. */
    public static function words(WorkEntry $entry, QuantityFormatter $words): ?string
    {
        $read = array_map(static fn (array $one): string => ($one[1] === MeterQuantity::Ohms ? Ohms::written($one[3]) : $words->volts($one[3]))." {$one[0]}", self::of($entry));

        return $read === [] ? null : implode('; ', $read);
    }
}
