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
     */
    private function __construct(
        private MeteredPath $path,
        public array $stretches,
        public array $tests,
    ) {
    }

    /**
     * @param  non-empty-list<LoadTest>  $tests  the oldest first
     */
    public static function of(MeteredPath $path, array $tests): self
    {
        $latest = $tests[count($tests) - 1];
        $expected = $path->ohms();
        $stretches = [];
        $from = null;
        $between = 0.0;
        foreach ($path->points as $at => $point) {
            $between += $at === 0 ? 0.0 : $expected[$at - 1];
            if (! isset($latest->volts[$point->id])) {
                continue; // not read this time: the stretch goes on to the next that was
            }
            if ($from !== null) {
                $stretches[] = self::stretch($path, $from, $point, $between, $latest, $tests);
            }
            [$from, $between] = [$point, 0.0];
        }

        return new self($path, $stretches, $tests);
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
            $since = $this->baselineOf($worst)->day;

            return "From {$worst->from->says} to {$worst->to->says} it has grown by {$words->milliohms($worst->drift() ?? 0.0)} since {$since}".$this->heats($worst, $worst->drift() ?? 0.0, $words).' A joint there has gone bad: open it, clean it, make it anew, and read again.';
        }
        $worst = self::worst($this->stretches, static fn (Stretch $one): ?float => $one->excess());
        if ($worst !== null) {
            return "From {$worst->from->says} to {$worst->to->says} there are {$words->milliohms($worst->excess() ?? 0.0)} more than the plan expects".$this->heats($worst, $worst->excess() ?? 0.0, $words).' Look at its joints, and at the gauge that was pulled, before it is the baseline.';
        }

        return "{$words->milliohms($this->whole() ?? 0.0)} at ".MeteredPath::CELSIUS.' °C to '.$this->path->label.': '.(count($this->tests) > 1 ? "as on {$this->tests[0]->day}." : 'as planned. This is the baseline.').($latest->amps < self::telling($this->stretches, $latest) ? ' So few amps tell little: a larger load says more.' : '');
    }

    /** @param  non-empty-list<LoadTest>  $tests */
    private static function stretch(MeteredPath $path, PathPoint $from, PathPoint $to, float $expected, LoadTest $latest, array $tests): Stretch
    {
        $first = self::firstWith($tests, $from, $to);
        $isFirst = $first === $latest;

        return new Stretch($from, $to, $expected, $isFirst ? null : $first->ohms($from->id, $to->id), $latest->ohms($from->id, $to->id) ?? 0.0, $latest->off($from->id, $to->id), $isFirst ? 0.0 : $first->off($from->id, $to->id), $path->fullAmps);
    }

    /** @param  non-empty-list<LoadTest>  $tests */
    private static function firstWith(array $tests, PathPoint $from, PathPoint $to): LoadTest
    {
        foreach ($tests as $test) {
            if ($test->ohms($from->id, $to->id) !== null) {
                return $test;
            }
        }

        return $tests[count($tests) - 1];
    }

    private function baselineOf(Stretch $stretch): LoadTest
    {
        return self::firstWith($this->tests === [] ? throw new \LogicException('A passport has a test.') : $this->tests, $stretch->from, $stretch->to);
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
        $expected = array_sum(array_map(static fn (Stretch $one): float => $one->expected, $stretches));

        return $expected <= 0 ? 0.0 : HandMeter::VOLTS * count($stretches) / (0.25 * $expected);
    }
}
