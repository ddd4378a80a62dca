<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Rule\Level;

/** How the boat stands, in a sentence or two: the top line of a screen. */
final class Verdict
{
    /** @param  int  $decided findings that somebody has decided about, with a reason */
    public static function of(Evaluation $evaluation, int $decided = 0): string
    {
        $stops = $evaluation->count(Level::Stop);
        $decisions = $evaluation->count(Level::Warn) - $decided;
        $stands = match (true) {
            $stops === 0 && $decisions === 0 => 'No stops, nothing to decide.',
            $stops === 0 => "No stops, {$decisions} to decide.",
            default => $stops.($stops === 1 ? ' stop' : ' stops').($decisions === 0 ? ', nothing to decide.' : ", {$decisions} to decide."),
        };

        $headlines = array_merge(...array_map(
            static fn (Area $area): array => [...$area->headlines($evaluation->boat), ...($evaluation->whole ? $area->lateHeadlines($evaluation->boat) : [])],
            $evaluation->areas->all,
        ));

        return implode(' ', array_filter([$stands, ...$headlines, self::unchecked($evaluation)]));
    }

    private static function unchecked(Evaluation $evaluation): ?string
    {
        $count = count($evaluation->unchecked);

        return $count === 0 ? null : "{$count} not checked.";
    }
}
