<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Circuit\States;
use Dinghy\Conductor\ShortTime;
use Dinghy\Plan\Patch;
use Dinghy\Protection\FuseFamily;
use Dinghy\Protection\OpeningTime;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;

final readonly class ShortNotCleared implements Rule
{
    /** times its rating, that a fuse opens at surely and soon */
    private const MULTIPLE = 2.0;

    /** s, as long as the insulation formula holds */
    private const ADIABATIC = 5.0;

    public function text(): RuleText
    {
        return new RuleText('F11', [Level::Warn], 'a dead short at the far end draws < 2 × the rating; or, at the current it really draws and for openings within 5 s, the wire passes its short-time insulation limit first',
            'a long thin wire never blows its fuse, it glows', 'computed; ICEA P-32-382; ISO 8820-3', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            $feed = $assessment->feedOf($run);
            $index = count($run->protection) - 1;
            if ($run->circuit === null || $feed === null || $index < 0) {
                continue;
            }
            if ($run->length === null) {
                yield new Unchecked('F11', $run->circuit->on(), 'run.length_m');
            } elseif (States::knows($feed->supply->bank)) {
                $ends = [[$run, $assessment->states->shortAtFarEnd($run)]];
                $device = count($run->circuit->behind) === 1 ? $run->circuit->behind[0] : null;
                if ($device !== null && isset($assessment->runs[$device->id])) {
                    $ends[] = [$assessment->runs[$device->id], $assessment->states->shortBetween($device->id.'+', $device->id.'-')];
                }
                foreach ($ends as [$wire, $amps]) {
                    $finding = $this->judge($assessment, $run, $run->protection[$index], $wire, $amps);
                    if ($finding !== null) {
                        yield $finding;

                        break;
                    }
                }
            }
        }
    }

    private function judge(Assessment $assessment, SizedRun $run, SizedProtection $protection, SizedRun $wire, float $amps): ?Finding
    {
        $words = $assessment->words;
        $family = $protection->planned->family;
        if (self::isCleared($family, $protection->rating, $wire, $amps)) {
            return null;
        }
        $on = $run->circuit?->on() ?? '';
        $where = ucfirst("a short at the far end of {$run->circuit?->label}").($wire === $run ? '' : ', in the factory lead,')." draws {$words->amps($amps)}";
        $lower = $family->smallestOfAtLeast($run->circuit?->demand->leastRating() ?? 0.0);
        $mends = $lower !== null && $lower < $protection->rating && self::isCleared($family, $lower, $wire, $amps);
        $opens = OpeningTime::of($family, $protection->rating, $amps)->slowest;

        return new Finding($this->text(), Level::Warn, $on,
            $amps < self::MULTIPLE * $protection->rating
                ? "{$where}, less than twice the {$words->amps($protection->rating)} of its {$family->label()}: it may not open."
                : "{$where}: the insulation of {$wire->gauge} bears that for {$words->seconds(ShortTime::insulation($wire->gauge, $amps))}, the {$family->label()} of {$words->amps($protection->rating)} may take {$words->seconds($opens)}.",
            $mends ? "Fit {$words->amps($lower)}." : 'Run a thicker wire, or fit a quicker fuse, so that the short is cut in time.',
            $mends ? Patch::set($on, [ProtectionAboveAmpacity::field($run, count($run->protection) - 1) => $lower]) : null,
            ['short_a' => $amps, 'rating_a' => $protection->rating]);
    }

    /** Whether a protection opens on this current surely, and, where it opens within seconds, before the wire is spoilt. */
    private static function isCleared(FuseFamily $family, float $rating, SizedRun $wire, float $amps): bool
    {
        $opens = OpeningTime::of($family, $rating, $amps)->slowest;

        return $amps >= self::MULTIPLE * $rating && ($opens > self::ADIABATIC || ShortTime::insulation($wire->gauge, $amps) >= $opens);
    }
}
