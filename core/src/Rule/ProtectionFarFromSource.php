<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;
use Dinghy\Wiring\RunKind;

final readonly class ProtectionFarFromSource implements Rule
{
    /** m: 7 in and 72 in */
    private const UNSHEATHED = 0.178;

    private const FROM_BATTERY = 1.83;

    private const REMEDY_DISTANCE = 0.15;

    public function text(): RuleText
    {
        return new RuleText('F04', [Level::Stop, Level::Warn],
            'unsheathed: > 7 in (0.178 m) from the source a decision, > 72 in (1.83 m) a stop; sheathed from a battery post: > 72 in a stop; sheathed from another source: > 40 in (1.02 m) a stop',
            'the wire before it is bare of protection', 'ABYC E-11', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            // Every feed starts at a battery post; a branch has its fuse in the block, at its source.
            $first = $run->protection[0] ?? null;
            if ($first === null || $run->circuit === null || $run->kind !== RunKind::Feed) {
                continue;
            }
            $distance = $first->planned->fromSource;
            if ($distance === null) {
                yield new Unchecked('F04', $run->circuit->on(), 'protection.0.from_source_m');

                continue;
            }
            $limit = $first->planned->sheathed ? self::FROM_BATTERY : self::UNSHEATHED;
            if ($distance <= $limit) {
                continue;
            }
            $words = $assessment->words;
            $sheath = $first->planned->sheathed ? 'sheathed' : 'unsheathed';
            yield new Finding($this->text(), $distance > self::FROM_BATTERY ? Level::Stop : Level::Warn, $run->circuit->on(),
                ucfirst("{$first->planned->family->label()} of {$run->circuit->label} sits {$words->length($distance)} from the battery post; {$sheath} wire may run {$words->length($limit)} without protection."),
                "Move it to within {$words->length(self::REMEDY_DISTANCE)} of the post.",
                Patch::set($run->circuit->on(), ['protection.0.from_source_m' => self::REMEDY_DISTANCE]),
                ['distance_m' => $distance, 'limit_m' => $limit]);
        }
    }
}
