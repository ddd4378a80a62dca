<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Quantity\QuantityFormatter;

/** What would make a meter show what it shows, the likeliest first, and the reading that tells one from another. */
final readonly class Suspects
{
    /** V by which two readings have to differ to tell two suspects apart */
    private const APART = 0.5;

    /** V; what two would show no further apart than this is the same */
    private const SAME = 0.005;

    /** suspects that are named; more would be a list to nobody's use */
    private const NAMED = 2;

    /**
     * @param  list<Suspect>  $suspects  the likeliest first
     * @param  list<array{Probe, Probe}>  $points  red and black, where else can be measured
     */
    public function __construct(
        private array $suspects,
        private array $points,
    ) {
    }

    /** @return list<Suspect> that would show it, of each kind the one that comes nearest, the likeliest kind first */
    public function showing(Reading $reading): array
    {
        [$red, $black] = [$reading->of->red->node, $reading->of->black->node];
        if ($red === null || $black === null || $reading->of->quantity !== MeterQuantity::Volts) {
            return [];
        }

        $found = $off = [];
        foreach ($this->suspects as $suspect) {
            $volts = $suspect->volts($red, $black);
            $by = abs($volts - $reading->value);
            if ($by <= max(HandMeter::offVolts($volts) + HandMeter::STRAY, ($reading->of->high - $reading->of->low) / 2) && $by < ($off[$suspect->kind] ?? INF) - self::SAME) {
                $found[$suspect->kind] = $suspect;
                $off[$suspect->kind] = $by;
            }
        }

        return array_values($found);
    }

    /**
     * @param  list<Suspect>  $found
     * @return string|null the likeliest as a sentence; null: there is none
     */
    public static function named(array $found): ?string
    {
        $says = array_map(static fn (Suspect $suspect): string => $suspect->says, array_slice($found, 0, self::NAMED));

        return $says === [] ? null : 'Most likely: '.implode('; or: ', $says).'.';
    }

    /**
     * The two points where what was found would differ the most.
     *
     * @param  list<Suspect>  $found
     * @return string|null null: no reading tells them apart, or there is one alone
     */
    public function next(array $found, Measurement $after, QuantityFormatter $words): ?string
    {
        $first = $found[0] ?? null;
        $second = $found[1] ?? null;
        if ($first === null || $second === null) {
            return null;
        }
        $best = null;
        $most = self::APART;
        foreach ($this->points as [$red, $black]) {
            if ($red->node === null || $black->node === null || ($red->node === $after->red->node && $black->node === $after->black->node)) {
                continue;
            }
            $volts = [$first->volts($red->node, $black->node), $second->volts($red->node, $black->node)];
            if (abs($volts[0] - $volts[1]) > $most) {
                $most = abs($volts[0] - $volts[1]);
                $best = "Measure next: red on {$red->says}, black on {$black->says}. {$words->volts($volts[0])} means the first, {$words->volts($volts[1])} the second.";
            }
        }

        return $best;
    }
}
