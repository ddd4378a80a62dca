<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** What was heard in the last minute, second by second; older is forgotten. */
final class Minute
{
    public const SECONDS = 60;

    /** @var array<int, array{sentences: int, refused: int, values: Ranges}> by second */
    private array $seconds = [];

    /**
     * @param  int  $second  of the clock
     * @param  array<string, float>  $values  by Measured's value
     */
    public function heard(int $second, array $values): void
    {
        $one = $this->at($second);
        $one['sentences']++;
        $one['values']->take($values);
        $this->seconds[$second] = $one;
    }

    public function refused(int $second): void
    {
        $one = $this->at($second);
        $one['refused']++;
        $this->seconds[$second] = $one;
    }

    public function count(int $now): int
    {
        return array_sum(array_column($this->within($now), 'sentences'));
    }

    /** @return int of sound sentences in so many whole seconds before this one, which is not over yet */
    public function countBefore(int $now, int $seconds): int
    {
        return array_sum(array_column(array_filter($this->seconds, static fn (int $second): bool => $second >= $now - $seconds && $second < $now, ARRAY_FILTER_USE_KEY), 'sentences'));
    }

    public function countRefused(int $now): int
    {
        return array_sum(array_column($this->within($now), 'refused'));
    }

    /** @return int s since the first of them: one at least, a minute at most */
    public function length(int $now): int
    {
        $kept = $this->within($now);

        return $kept === [] ? 0 : max(1, $now - (int) array_key_first($kept));
    }

    /** @return array<string, array{least: float, most: float, last: float}> by Measured's value */
    public function values(int $now): array
    {
        $values = new Ranges;
        foreach ($this->within($now) as $second) {
            $values->join($second['values']);
        }

        return $values->all();
    }

    /** @return array<int, array{sentences: int, refused: int, values: Ranges}> of a minute and what has run of this second */
    private function within(int $now): array
    {
        return array_filter($this->seconds, static fn (int $second): bool => $second >= $now - self::SECONDS && $second <= $now, ARRAY_FILTER_USE_KEY);
    }

    /** @return array{sentences: int, refused: int, values: Ranges} */
    private function at(int $second): array
    {
        if (! isset($this->seconds[$second])) {
            $this->seconds = array_filter($this->seconds, static fn (int $one): bool => $one >= $second - self::SECONDS, ARRAY_FILTER_USE_KEY);
        }

        return $this->seconds[$second] ?? ['sentences' => 0, 'refused' => 0, 'values' => new Ranges];
    }
}
