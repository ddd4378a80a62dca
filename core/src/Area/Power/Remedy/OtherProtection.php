<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Remedy;

use Dinghy\File\Patch;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Overcurrent\Seat;
use Dinghy\Protection\FuseFamily;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Remedy;
use Dinghy\Solving\SolvedBoat;

/** Other fuses and breakers in the place of one. */
final class OtherProtection
{
    /** What a feed, a jumper or a lead is fused with, as a rigger reaches for them. */
    private const IN_LINE = [
        FuseFamily::MagneticBreaker, FuseFamily::BatteryPost, FuseFamily::StripSmall58, FuseFamily::StripLarge80, FuseFamily::StripSmall, FuseFamily::StripLarge,
        FuseFamily::Breaker, FuseFamily::LargeBlade, FuseFamily::Blade, FuseFamily::Blade58, FuseFamily::Cartridge,
    ];

    /** What sits on the top post of a string. */
    private const ON_A_POST = [
        FuseFamily::BatteryPost,
        FuseFamily::StripLarge80,
        FuseFamily::StripLarge,
        FuseFamily::Cartridge,
    ];

    /** What a fuse block takes. */
    private const IN_A_BLOCK = [FuseFamily::Blade, FuseFamily::Blade58];

    /**
     * Its own family first, then every other that is made for the volts of its circuit.
     *
     * @param  float  $least  A that its load asks for
     * @param  float  $most  A that the wire behind it bears
     * @param  (\Closure(FuseFamily, float): bool)|null  $suits  whether a family with a rating is worth trying; null: any is
     * @return iterable<Remedy> each with the rating that it has, where that lies between, else with the smallest that does
     */
    public static function between(
        SolvedBoat $solved,
        PlacedProtection $protection,
        float $least,
        float $most,
        ?\Closure $suits = null,
    ): iterable {
        $now = $protection->family();
        foreach (self::familiesFor($protection) as $family) {
            if ($family !== $now && $family->maxVolts() < ($protection->highestVolts ?? 0.0)) {
                continue;
            }
            $isKept = $family->has($protection->rating()) && $protection->rating() >= $least - 1e-9 && $protection->rating() <= $most;
            $rating = $isKept ? $protection->rating() : $family->smallestOfAtLeast($least - 1e-9);
            if ($rating !== null && $rating <= $most && ($family !== $now || $rating !== $protection->rating()) && ($suits === null || $suits($family, $rating))) {
                yield new Remedy(
                    self::says($solved->words, $family === $now ? null : $family, $rating),
                    self::change($protection, $family, $rating),
                );
            }
        }
    }

    /**
     * The thinnest wires in stock that bear a rating, with the rating.
     *
     * @param  float  $least  A that its load asks for
     * @return iterable<Remedy>
     */
    public static function onThickerWire(SolvedBoat $solved, PlacedProtection $protection, float $least): iterable
    {
        $size = $protection->family()->smallestOfAtLeast($least - 1e-9);
        $thinnest = $protection->thinnest();
        if ($size === null || $thinnest === null) {
            return;
        }
        foreach ($thinnest->gaugesFor($size, $solved->plan->houseRules) as $gauge) {
            $thicker = $thinnest->withGauge($gauge);
            if ($thicker === null) {
                continue;
            }
            // A rating that Dinghy chooses follows the wire by itself.
            yield $protection->sized->chosen || $size === $protection->rating()
                ? new Remedy("Run {$gauge}.", $thicker)
                : new Remedy(
                    "Run {$gauge} and fit {$solved->words->amps($size)}.",
                    $thicker->and(Patch::set($protection->on, [$protection->ratingField() => $size])),
                );
        }
    }

    /** Where another part is fitted, what the sheet of the one before said goes with it. */
    private static function change(PlacedProtection $protection, FuseFamily $family, float $rating): Patch
    {
        $set = [$protection->ratingField() => $rating];
        if ($family !== $protection->family()) {
            $set[$protection->familyField()] = $family->value;
            $sheet = $protection->sized->planned;
            if ($protection->seat !== Seat::Branch) {
                $set += $sheet->maxVolts === null ? [] : ["{$protection->field}max_v" => $family->maxVolts()];
                $set += $sheet->breakingAmps === null ? [] : ["{$protection->field}breaking_a" => $family->breakingCapacity($protection->highestVolts ?? $family->maxVolts())];
                $set += $family->isBreaker() ? [
                    "{$protection->field}resets_itself" => false,
                    "{$protection->field}trip_free" => true,
                ] : [];
            }
        }

        return Patch::set($protection->on, $set);
    }

    /** @param  FuseFamily|null  $family  null: the same */
    private static function says(QuantityFormatter $words, ?FuseFamily $family, float $rating): string
    {
        return $family === null
            ? "Fit {$words->amps($rating)}."
            : "Fit a {$family->label()} of {$words->amps($rating)}.";
    }

    /** @return list<FuseFamily> its own first */
    private static function familiesFor(PlacedProtection $protection): array
    {
        $all = match ($protection->seat) {
            Seat::Branch => self::IN_A_BLOCK,
            Seat::BatteryString => self::ON_A_POST,
            default => self::IN_LINE,
        };

        return [
            $protection->family(),
            ...array_values(
                array_filter($all, static fn (FuseFamily $family): bool => $family !== $protection->family()),
            ),
        ];
    }
}
