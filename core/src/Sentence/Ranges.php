<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** What instruments told of each thing: the least, the most and the last of it. */
final class Ranges
{
    /** @var array<string, array{least: float, most: float, last: float}> by Measured's value */
    private array $ranges = [];

    /** @param  array<string, float>  $values  by Measured's value */
    public function take(array $values): void
    {
        foreach ($values as $what => $value) {
            $this->extend($what, ['least' => $value, 'most' => $value, 'last' => $value]);
        }
    }

    /** Takes what was told after it. */
    public function join(self $later): void
    {
        foreach ($later->ranges as $what => $range) {
            $this->extend($what, $range);
        }
    }

    /** @return array<string, array{least: float, most: float, last: float}> by Measured's value */
    public function all(): array
    {
        return $this->ranges;
    }

    /** @param  array{least: float, most: float, last: float}  $by */
    private function extend(string $what, array $by): void
    {
        $known = $this->ranges[$what] ?? $by;
        $this->ranges[$what] = ['least' => min($known['least'], $by['least']), 'most' => max($known['most'], $by['most']), 'last' => $by['last']];
    }
}
