<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\File\Patch;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Protection\FuseFamily;
use Dinghy\Protection\HeatedRating;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class HotProtection implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F15', [Level::Warn], 'a breaker or fuse in a hot place (celsius of its station, else the house rules\' ambient) carries less than what flows through it, motors and all else at their peak',
            'it opens in wind', 'common practice, the part\'s own sheet prevails', SourceKind::CommonPractice);
    }

    /** @return iterable<Remedy> the next sizes of its family, then other families */
    private static function larger(SolvedBoat $solved, PlacedProtection $protection, float $celsius): iterable
    {
        $most = $protection->ampacityBehind() ?? $protection->rating();
        foreach ($protection->family()->sizes() as $size) {
            if ($size > $protection->rating() && $size <= $most) {
                yield new Remedy(
                    "Fit {$solved->words->amps($size)}.",
                    Patch::set($protection->on, [$protection->ratingField() => $size]),
                );
            }
        }
        yield from OtherProtection::between(
            $solved,
            $protection,
            $protection->asks ?? $protection->rating(),
            $most,
            static fn (FuseFamily $family, float $rating): bool => HeatedRating::of($family, $rating, $celsius) >= ($protection->draws ?? 0.0),
        );
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->protections as $protection) {
            $celsius = ($protection->station === null ? null : $solved->plan->boat->stations[$protection->station]->celsius) ?? $solved->plan->houseRules->ambient;
            $carries = HeatedRating::of($protection->family(), $protection->rating(), $celsius);
            // One that is too small anywhere is F03's to speak of.
            if ($protection->draws === null || $carries >= $protection->draws - 1e-9 || $protection->rating() < $protection->draws) {
                continue;
            }
            $words = $solved->words;
            yield new Finding($this->text(), Level::Warn, $protection->on,
                ucfirst("{$protection->family()->label()} of {$words->amps($protection->rating())} on {$protection->where} carries {$words->amps($carries)} at ".QuantityFormatter::trim($celsius, 0)." °C; {$words->amps($protection->draws)} flow."),
                'Move it to a cooler place, or fit one that heat does not open: a magnetic breaker, or the next size where the wire allows it.',
                static fn (): iterable => self::larger($solved, $protection, $celsius),
                ['carries_a' => $carries, 'current_a' => $protection->draws, 'celsius' => $celsius]);
        }
    }
}
