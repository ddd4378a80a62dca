<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Battery\RestingVoltage;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\LoadKind;
use Dinghy\Plan\Post;

/** How the batteries of a bank share a current, by the posts it is taken from. */
final class Sharing
{
    /**
     * @return array<string, float>|null A out of each battery by id, all of them equally full; null: nothing can flow
     */
    public static function between(
        Bank $bank,
        Post $plus,
        Post $minus,
        float $amps,
        float $celsius,
    ): ?array {
        $full = static fn (Battery $battery): float => RestingVoltage::at(
            $battery->chemistry,
            1.0,
            $battery->nominalVolts,
        ) ?? $battery->nominalVolts;
        $elements = new BankElements($bank, $celsius, $full);
        $network = new Network($elements->sources, $elements->resistors, [
            new Load('load', $plus->name, $minus->name, LoadKind::Current, $amps, $bank->nominalVolts()),
        ]);
        $loaded = $network->fedLoads() === [] ? null : $network->loaded();

        return $loaded instanceof Solution ? $loaded->sourceAmps() : null;
    }

    /**
     * @param  array<string, float>  $amps  by battery id
     * @return float how many times its even share the busiest string gives
     */
    public static function busiest(Bank $bank, array $amps): float
    {
        $ofStrings = array_map(static fn (array $string): float => $amps[$string[0]->id] ?? 0.0, $bank->strings);
        $sum = array_sum($ofStrings);

        return $sum > 0 ? max($ofStrings) * count($ofStrings) / $sum : 1.0;
    }
}
