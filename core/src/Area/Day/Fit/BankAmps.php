<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Fit;

use Dinghy\Plan\Bank;
use Dinghy\Trip\Day;

/** What a shunt at a bank's negative would read over a simulated day: the current of the lowest block of every string, taps among it. */
final readonly class BankAmps
{
    /** @var list<float> A out, step by step */
    private array $amps;

    /** @var list<float> min from the start at which each step begins, and at which the last ends */
    private array $edges;

    public function __construct(Day $day, Bank $bank)
    {
        $this->amps = array_map(
            static fn (int $step): float => array_sum(array_map(static fn (array $string): float => $day->series->amps[$string[0]->id][$step] ?? 0.0, $bank->strings)),
            array_keys($day->series->minutes),
        );
        $this->edges = [...$day->series->minutes, 60 * $day->hours];
    }

    /** @return float A at a moment, 0 outside the day */
    public function at(float $minute): float
    {
        [$low, $high] = [0, count($this->amps) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            $this->edges[$middle] <= $minute + 1e-6 ? $low = $middle : $high = $middle - 1;
        }

        return $minute + 1e-6 < $this->edges[0] || $minute >= $this->edges[count($this->amps)] ? 0.0 : $this->amps[$low] ?? 0.0;
    }

    /** @return float A on average between two moments */
    public function mean(float $from, float $to): float
    {
        $sum = 0.0;
        foreach ($this->amps as $step => $amps) {
            $sum += $amps * max(0.0, min($to, $this->edges[$step + 1]) - max($from, $this->edges[$step]));
        }

        return $to > $from ? $sum / ($to - $from) : 0.0;
    }
}
