<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

/** Something that happens while a short lasts. */
final readonly class ShortEvent
{
    /**
     * @param  'opens'|'insulation'|'copper'  $what
     * @param  string  $run  id of the run that it happens in
     * @param  string  $part  the fuse or the gauge
     * @param  float  $seconds  s; INF: never
     * @param  float|null  $slowest  s, where a batch of parts differs
     */
    public function __construct(
        public string $what,
        public string $run,
        public string $part,
        public float $seconds,
        public ?float $slowest,
    ) {
    }

    /** When it has happened for sure, s. */
    public function surely(): float
    {
        return $this->slowest ?? $this->seconds;
    }
}
