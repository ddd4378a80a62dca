<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Protection\FuseFamily;

/**
 * The fuse at the top of each of several strings: what its block gives for ever, of a family that bears the string's
 * volts.
 */
final class StringFuse
{
    /**
     * @param  float  $volts  V nominal of the string
     * @param  float  $amps  A that its block gives for ever
     * @return \stdClass as the plan file writes string_protection
     */
    public static function of(float $volts, float $amps): \stdClass
    {
        $family = FuseFamily::ofStrings($volts);

        return (object) ['family' => $family->value, 'rating_a' => $family->sizeFor($amps)];
    }
}
