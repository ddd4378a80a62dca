<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\Battery\Chemistry;
use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Proposal\OtherBatteries;
use Dinghy\Quantity\QuantityFormatter;

/** The smallest batteries of the stock, all of one chemistry, that bear the day in the places of those that do not. */
final class OtherKind
{
    /** sizes further up that are tried where what serves roughly does not serve in the end */
    private const FURTHER = 2;

    public static function of(Trial $trial, Chemistry $kind): DayVariant
    {
        $name = "batteries-{$kind->value}";
        $label = ucfirst("{$kind->label()} batteries");
        [$offered, $chosen] = [[], []];
        foreach ($trial->failing as $bank) {
            $offered[$bank->id] = self::offered($trial, $bank, $kind);
            $at = $trial->first(count($offered[$bank->id]), static fn (int $at): bool => $trial->roughly(
                OtherBatteries::in($trial->document, $bank, $offered[$bank->id][$at]),
            )?->holdsFor($bank) === true);
            if ($at === null) {
                return DayVariant::none($name, $label, $offered[$bank->id] === []
                    ? "The catalogue has none for {$bank->label()} that is larger."
                    : "Not even the largest of the catalogue brings {$bank->label()} through.");
            }
            $chosen[$bank->id] = $at;
        }
        for ($further = 0; $further <= self::FURTHER; $further++) {
            $all = array_map(static fn (Bank $bank): \stdClass => $offered[$bank->id][min($chosen[$bank->id] + $further, count($offered[$bank->id]) - 1)], $trial->failing);
            $patch = Patch::all(array_map(static fn (Bank $bank, \stdClass $figures): Patch => OtherBatteries::in($trial->document, $bank, $figures), $trial->failing, $all));
            $variant = $patch === null ? null : $trial->finished($name, implode(' and ', array_map(self::says(...), $trial->failing, $all)), $patch);
            if ($variant !== null) {
                return $variant;
            }
        }

        return DayVariant::none($name, $label, 'Something else gives out all the same.');
    }

    /** @return list<\stdClass> smallest first; of the chemistry that is there only larger ones */
    private static function offered(Trial $trial, Bank $bank, Chemistry $kind): array
    {
        $first = $bank->batteries()[0];

        return array_values(array_filter(
            $trial->stock->like($first, $kind),
            static fn (\stdClass $one): bool => $kind !== $first->chemistry || Stock::number($one, 'capacity_ah') > $first->capacityAh,
        ));
    }

    private static function says(Bank $bank, \stdClass $figures): string
    {
        $part = Stock::text($figures) !== '' ? Stock::text($figures) : QuantityFormatter::trim(Stock::number($figures, 'capacity_ah'), 0).' Ah';

        return count($bank->batteries())." × {$part} in {$bank->label()}";
    }
}
