<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Circuit\Network;
use Dinghy\Circuit\Source;

/** How far a reading may be off because nobody has measured what the blocks between its points rest at. */
final class UnmeasuredBlocks
{
    /**
     * @param  list<string>  $batteries  that were not measured
     * @return float V, if each is off by HandMeter::UNMEASURED_BLOCK to the worse side
     */
    public static function volts(Network $network, array $batteries, string $red, string $black): float
    {
        $expected = $network->atRest()->between($red, $black) ?? 0.0;
        $off = 0.0;
        foreach ($batteries as $battery) {
            $sources = array_map(static fn (Source $source): Source => $source->name === $battery
                ? new Source($source->name, $source->plus, $source->minus, $source->volts + HandMeter::UNMEASURED_BLOCK, $source->ohms)
                : $source, $network->sources);
            $off += abs(($network->inState($sources, [])->atRest()->between($red, $black) ?? 0.0) - $expected);
        }

        return $off;
    }
}
