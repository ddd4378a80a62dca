<?php

declare(strict_types=1);

namespace Dinghy\Conduit;

use Dinghy\Plan\Way;

/**
 * A tube and what lies in it. It may be filled to 53 % by one cable, 31 % by two, 40 % by three or more
 * [pub NEC chapter 9 table 1, from memory].
 */
final readonly class Bore
{
    /**
     * @param  float  $diameter  mm inside
     * @param  list<Cable>  $cables  thickest first
     */
    private function __construct(
        public Way $way,
        public float $diameter,
        public array $cables,
    ) {
    }

    /**
     * @param  list<Cable>  $cables
     * @return self|null null: the way is no tube, or nobody has measured it
     */
    public static function of(Way $way, array $cables): ?self
    {
        usort($cables, static fn (Cable $a, Cable $b): int => $b->diameter <=> $a->diameter);

        return $way->bore === null || ! $way->isTube() ? null : new self($way, $way->bore, $cables);
    }

    /** @return float 0–1, and more where it cannot be */
    public function fill(): float
    {
        return array_sum(array_map(static fn (Cable $cable): float => $cable->area(), $this->cables)) / $this->area();
    }

    /** @return float 0–1 */
    public function limit(): float
    {
        return self::limitOf(count($this->cables));
    }

    public function isTooFull(): bool
    {
        return $this->cables !== [] && $this->fill() > $this->limit() + 1e-9;
    }

    /** @return float mm: the thickest cable that may still be pulled in beside the others; 0: none */
    public function room(): float
    {
        $free = self::limitOf(count($this->cables) + 1) * $this->area() - array_sum(
            array_map(static fn (Cable $cable): float => $cable->area(), $this->cables),
        );

        return $free <= 0 ? 0.0 : sqrt($free * 4 / M_PI);
    }

    /** @return float mm: the bore that what lies here asks for */
    public function needed(): float
    {
        return $this->diameter * sqrt($this->fill() / $this->limit());
    }

    private function area(): float
    {
        return M_PI / 4 * $this->diameter ** 2;
    }

    private static function limitOf(int $cables): float
    {
        return match (true) {
            $cables <= 1 => 0.53,
            $cables === 2 => 0.31,
            default => 0.40,
        };
    }
}
