<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\Area\Power\Remedy\ThickerWire;
use Dinghy\Circuit\States;
use Dinghy\File\Patch;
use Dinghy\Overcurrent\PlacedConductor;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Protection\FuseFamily;
use Dinghy\Protection\OpeningTime;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ShortNotCleared implements Rule
{
    /** times its rating, that a fuse opens at surely and soon */
    private const MULTIPLE = 2.0;

    /** A smaller fuse resists more itself, and lets that much less through. */
    private const SMALLER = 0.95;

    public function text(): RuleText
    {
        return new RuleText('F11', [Level::Warn], 'a dead short at the far end draws, at the least, < 2 × the rating; or the wire, warm from its load, passes what its insulation bears for a short time before the protection surely opens. At the least: hot wire, batteries at their floor, contacts included',
            'a long thin wire never blows its fuse, it glows', 'computed; ICEA P-32-382; ISO 8820-3', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->protections as $protection) {
            if (! $protection->isLast() || $protection->banks === []) {
                continue;
            }
            if ($protection->run !== null && $protection->run->length === null) {
                yield new Unchecked($this->text(), $protection->on, 'run.length_m');

                continue;
            }
            $unknown = States::firstUnknown($protection->banks);
            if ($unknown !== null) {
                yield new Unchecked($this->text(), $protection->on, BreakingCapacity::needs($unknown));

                continue;
            }
            $least = $solved->shorts->least($protection);
            // Where nothing flows at all a wire is missing, and another rule says so.
            if ($least !== null && $least > 0.0) {
                yield from $this->judge($solved, $protection, $least);
            }
        }
    }

    /** @return iterable<Finding> */
    private function judge(SolvedBoat $solved, PlacedProtection $protection, float $amps): iterable
    {
        $wire = $protection->thinnest();
        if ($wire === null || self::isCleared($solved, $protection->family(), $protection->rating(), $wire, $amps)) {
            return;
        }
        $words = $solved->words;
        $family = $protection->family();
        $where = ucfirst("a short at the far end of {$protection->where} draws as little as {$words->amps($amps)}");
        $opens = OpeningTime::of($family, $protection->rating(), $amps)->slowest;

        yield new Finding($this->text(), Level::Warn, $protection->on,
            $amps < self::MULTIPLE * $protection->rating()
                ? "{$where}, less than twice the {$words->amps($protection->rating())} of its {$family->label()}: it may not open."
                : "{$where}: the insulation of {$wire->gauge} bears that for {$words->seconds(
                    $solved->insulation->of($wire, $amps),
                )}, the {$family->label()} of {$words->amps($protection->rating())} may take {$words->seconds($opens)}.",
            'Run a thicker wire, or fit a quicker fuse, so that the short is cut in time.',
            static fn (): iterable => self::remedies($solved, $protection, $wire, $amps),
            ['short_a' => $amps, 'rating_a' => $protection->rating()]);
    }

    /** @return iterable<Remedy> a smaller or quicker one; else thicker wire */
    private static function remedies(
        SolvedBoat $solved,
        PlacedProtection $protection,
        PlacedConductor $wire,
        float $amps,
    ): iterable {
        $asks = $protection->asks ?? 0.0;
        $lower = $protection->family()->smallestOfAtLeast($asks);
        if ($lower !== null && $lower < $protection->rating() && self::isCleared($solved, $protection->family(), $lower, $wire, self::SMALLER * $amps)) {
            yield new Remedy(
                "Fit {$solved->words->amps($lower)}.",
                Patch::set($protection->on, [$protection->ratingField() => $lower]),
            );
        }
        yield from OtherProtection::between($solved, $protection, $asks, $amps / self::MULTIPLE,
            static fn (FuseFamily $family, float $rating): bool => self::isCleared(
                $solved,
                $family,
                $rating,
                $wire,
                self::SMALLER * $amps,
            ));
        yield from ThickerWire::carrying($solved, $wire, 0.0);
    }

    /** Whether a protection opens on this current surely, and before the wire is spoilt. */
    private static function isCleared(
        SolvedBoat $solved,
        FuseFamily $family,
        float $rating,
        PlacedConductor $wire,
        float $amps,
    ): bool {
        return $amps >= self::MULTIPLE * $rating && $solved->insulation->of($wire, $amps) >= OpeningTime::of($family, $rating, $amps)->slowest;
    }
}
