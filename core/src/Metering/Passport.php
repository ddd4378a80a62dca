<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Quantity\QuantityFormatter;

/** What the way to one circuit's end was when it was first measured, what it is now, and which stretch of it has changed. */
final readonly class Passport
{
    /**
     * @param  list<Stretch>  $stretches  of the latest test, from the bank outward
     * @param  list<LoadTest>  $tests  the oldest first
     * @param  list<LoadTest>  $sound  those of them that no part of the way reads less in than the plan has: that is asked about first
     */
    private function __construct(
        private MeteredPath $path,
        public array $stretches,
        public array $tests,
        private array $sound,
    ) {
    }

    /**
     * @param  non-empty-list<LoadTest>  $tests  the oldest first
     */
    public static function of(MeteredPath $path, array $tests): self
    {
        $expected = $path->ohms();
        $sound = array_values(array_filter($tests, static fn (LoadTest $test): bool => array_filter(self::stretches($path, $expected, $test, []), static fn (Stretch $one): bool => $one->shortfall() !== null) === []));

        return new self($path, self::stretches($path, $expected, $tests[count($tests) - 1], $sound), $tests, $sound);
    }

    /**
     * @param  list<float>|null  $expected  Ω between points that follow one another
     * @param  list<LoadTest>  $sound  that it may be laid beside, the oldest first
     * @return list<Stretch> of a test, between the points that were read
     */
    private static function stretches(MeteredPath $path, ?array $expected, LoadTest $test, array $sound): array
    {
        $stretches = [];
        $from = null;
        $between = 0.0;
        foreach ($path->points as $at => $point) {
            $between += $at === 0 ? 0.0 : $expected[$at - 1] ?? 0.0;
            $ohms = $from === null ? null : $test->ohms($from->id, $point->id);
            if ($from !== null && $ohms !== null) {
                $baseline = self::baseline($sound, $from, $point);
                $isFirst = $baseline === null || $baseline === $test;
                $stretches[] = new Stretch($from, $point, $expected === null ? null : $between, $isFirst ? null : $baseline->ohms($from->id, $point->id), $ohms, $test->off($from->id, $point->id), $isFirst ? 0.0 : $baseline->off($from->id, $point->id), $path->fullAmps);
            }
            // What was not read this time belongs to the stretch that goes on to the next that was.
            if (isset($test->volts[$point->id])) {
                [$from, $between] = [$point, 0.0];
            }
        }

        return $stretches;
    }

    /** @return float|null Ω of the whole way at 20 °C; null: its ends were not read */
    public function whole(): ?float
    {
        return $this->stretches === [] ? null : array_sum(array_map(static fn (Stretch $one): float => $one->latest, $this->stretches));
    }

    /** What the latest test says, in a sentence or three. */
    public function says(QuantityFormatter $words): string
    {
        if ($this->stretches === []) {
            return 'It takes the volts at two points of the way at least, while the load draws.';
        }
        $latest = $this->tests[count($this->tests) - 1];
        $wrong = array_filter($this->stretches, static fn (Stretch $one): bool => $one->latest < -$one->off);
        if ($wrong !== []) {
            return 'Volts rise on the way outward, which they cannot: two readings were swapped, or the load was off. Take them again, one right after the other.';
        }
        $worst = self::worst($this->stretches, static fn (Stretch $one): ?float => $one->drift());
        if ($worst !== null) {
            return "From {$worst->from->says} to {$worst->to->says} it has grown by {$words->milliohms($worst->drift() ?? 0.0)} since {$this->since($worst)}".$this->heats($worst, $worst->drift() ?? 0.0, $words).' A joint there has gone bad: open it, clean it, make it anew, and read again.';
        }
        $worst = self::worst($this->stretches, static fn (Stretch $one): ?float => $one->shortfall());
        if ($worst !== null) {
            return "From {$worst->from->says} to {$worst->to->says} there are {$words->milliohms($worst->latest)} where the plan has {$words->milliohms($worst->expected ?? 0.0)}. A joint cannot do that: were the amps misread, is it another wire than the plan has, or does the meter err? Read again, or mend the plan; until then it is no baseline.";
        }
        $worst = self::worst($this->stretches, static fn (Stretch $one): ?float => $one->excess());
        if ($worst !== null) {
            return "From {$worst->from->says} to {$worst->to->says} there are {$words->milliohms($worst->excess() ?? 0.0)} more than the plan expects".$this->heats($worst, $worst->excess() ?? 0.0, $words).' Look at its joints, and at the gauge that was pulled, before it is the baseline.';
        }

        $since = $this->since($this->stretches[0]);
        $told = match (true) {
            $since !== null => "as on {$since}.",
            $this->stretches[0]->expected === null => 'what it should have is not known, for the circuit of the plan has no solution. Look at the stops of its bank. This is the baseline.',
            default => 'as planned. This is the baseline.',
        };

        return "{$words->milliohms($this->whole() ?? 0.0)} at ".MeteredPath::CELSIUS." °C to {$this->path->label}: {$told}".($latest->amps < self::telling($this->stretches, $latest) ? ' So few amps tell little: a larger load says more.' : '');
    }

    /**
     * The first test with both points.
     *
     * @param  list<LoadTest>  $sound
     */
    private static function baseline(array $sound, PathPoint $from, PathPoint $to): ?LoadTest
    {
        foreach ($sound as $test) {
            if ($test->ohms($from->id, $to->id) !== null) {
                return $test;
            }
        }

        return null;
    }

    /** The day of the test that a stretch is laid beside; null: it is the first. */
    private function since(Stretch $stretch): ?string
    {
        return $stretch->baseline === null ? null : self::baseline($this->sound, $stretch->from, $stretch->to)?->day;
    }

    private function heats(Stretch $stretch, float $ohms, QuantityFormatter $words): string
    {
        return $this->path->fullAmps > 0 ? ": at {$words->amps($this->path->fullAmps)} it heats with ".QuantityFormatter::trim($stretch->watts($ohms), 1).' W.' : '.';
    }

    /**
     * @param  list<Stretch>  $stretches
     * @param  \Closure(Stretch): (float|null)  $ohms
     */
    private static function worst(array $stretches, \Closure $ohms): ?Stretch
    {
        $worst = null;
        foreach ($stretches as $stretch) {
            if ($ohms($stretch) !== null && ($worst === null || $ohms($stretch) > $ohms($worst))) {
                $worst = $stretch;
            }
        }

        return $worst;
    }

    /**
     * A from which the whole way is known to a quarter.
     *
     * @param  list<Stretch>  $stretches
     */
    private static function telling(array $stretches, LoadTest $latest): float
    {
        $expected = array_sum(array_map(static fn (Stretch $one): float => $one->expected ?? 0.0, $stretches));

        return $expected <= 0 ? 0.0 : HandMeter::VOLTS * count($stretches) / (0.25 * $expected);
    }
}
