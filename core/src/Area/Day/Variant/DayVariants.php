<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\Battery\Chemistry;

/**
 * What a day of so many hours would take, solved backwards: so much less thrust, one string more, the smallest batteries of each
 * chemistry, a thicker feeder. Each was run through the whole day before it is named.
 */
final class DayVariants
{
    /** @return list<DayVariant> none, where the boat as she is bears it */
    public static function of(Trial $trial): array
    {
        if ($trial->asIs->holds() || $trial->failing === []) {
            return [];
        }

        return array_values(array_filter([
            LessThrust::of($trial),
            OneMoreString::of($trial),
            ...array_map(static fn (Chemistry $kind): DayVariant => OtherKind::of($trial, $kind), self::kinds($trial)),
            ThickerWire::of($trial),
        ]));
    }

    /** @return list<Chemistry> those of the stock, the one of the first bank that fails before others */
    private static function kinds(Trial $trial): array
    {
        $first = $trial->failing[0]->batteries()[0];
        $others = array_filter(Chemistry::cases(), static fn (Chemistry $one): bool => $one !== $first->chemistry && $trial->stock->like($first, $one) !== []);

        return [$first->chemistry, ...array_values($others)];
    }
}
