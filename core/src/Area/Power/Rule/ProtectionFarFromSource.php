<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Overcurrent\Seat;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ProtectionFarFromSource implements Rule
{
    /** m: 7 in and 72 in */
    private const UNSHEATHED = 0.178;

    private const FROM_BATTERY = 1.83;

    /** m: 40 in */
    private const FROM_OTHERS = 1.02;

    private const REMEDY_DISTANCE = 0.15;

    public function text(): RuleText
    {
        return new RuleText('F04', [Level::Stop, Level::Warn],
            'unsheathed: > 7 in (0.178 m) from the source a decision, > 72 in (1.83 m) a stop; sheathed from a battery post: > 72 in a stop; sheathed from another source: > 40 in (1.02 m) a stop',
            'the wire before it is bare of protection', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->protections as $protection) {
            // A branch has its fuse in the block, a string on its post, both at their source; a bond joins negatives.
            if ($protection->index > 0 || ! in_array($protection->seat, [Seat::Feed, Seat::Jumper, Seat::ChargerLead], true)) {
                continue;
            }
            $distance = $protection->sized->planned->fromSource;
            if ($distance === null) {
                yield new Unchecked($this->text(), $protection->on, "{$protection->field}from_source_m");
            } else {
                yield from $this->judge($solved, $protection, $distance);
            }
        }
    }

    /** @return iterable<Finding> */
    private function judge(SolvedBoat $solved, PlacedProtection $protection, float $distance): iterable
    {
        // Only a converter is a source that is no battery post.
        $post = $protection->output === null || $protection->output->block === null;
        $furthest = $post ? self::FROM_BATTERY : self::FROM_OTHERS;
        $sheathed = $protection->sized->planned->sheathed;
        $limit = $sheathed ? $furthest : self::UNSHEATHED;
        if ($distance <= $limit) {
            return;
        }
        $words = $solved->words;
        yield new Finding($this->text(), $distance > self::FROM_BATTERY || $sheathed ? Level::Stop : Level::Warn, $protection->on,
            ucfirst("{$protection->family()->label()} of {$protection->where} sits {$words->length($distance)} from ".($post ? 'the battery post' : 'its source').'; '.($sheathed ? 'sheathed' : 'unsheathed')." wire may run {$words->length($limit)} without protection."),
            "Move it to within {$words->length(self::REMEDY_DISTANCE)} of ".($post ? 'the post.' : 'it.'),
            Patch::set($protection->on, ["{$protection->field}from_source_m" => self::REMEDY_DISTANCE]),
            ['distance_m' => $distance, 'limit_m' => $limit]);
    }
}
