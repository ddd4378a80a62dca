<?php

declare(strict_types=1);

namespace Dinghy\Rule;

/** Every rule that Dinghy knows, in the order of the printed rulebook. */
final class Rulebook
{
    /** @return non-empty-list<Rule> */
    public static function rules(): array
    {
        return [
            new MixedChemistry,
            new MixedVoltage,
            new SupplyOutsideDevice,
            new NoProtection,
            new ProtectionAboveAmpacity,
            new ProtectionBelowLoad,
            new ProtectionFarFromSource,
            new NoSuchRating,
            new PathDrop,
            new CurrentAboveAmpacity,
            new ChargingAboveDevice,
        ];
    }
}
