<?php

declare(strict_types=1);

namespace App\Rigging;

use Dinghy\Area\Rigging\Rule\HoldRule;
use Dinghy\Area\Rigging\Rule\MeteredHold;
use Dinghy\Area\Rigging\Rule\PassedByReason;
use Dinghy\Area\Rigging\Step;
use Dinghy\Rule\Level;

/** What holds a step, as a page asks for it. */
final class HoldTold
{
    /** @return list<array<string, mixed>> */
    public static function of(Step $step): array
    {
        return array_map(self::hold(...), $step->holds());
    }

    /** @return array<string, mixed> */
    private static function hold(HoldRule $hold): array
    {
        $text = $hold->text();

        return [
            'rule' => $text->code, 'asks' => $hold->asks()->value, 'readings' => $hold->readings(), 'metered' => $hold instanceof MeteredHold, 'states' => $hold->statement(), 'because' => $text->because,
            'by_anyone' => $hold instanceof MeteredHold || $text->levels === [Level::Note], 'by_reason' => $hold instanceof PassedByReason || ! in_array(Level::Stop, $text->levels, true),
        ];
    }
}
