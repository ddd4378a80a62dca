<?php

declare(strict_types=1);

namespace Dinghy\Conduit;

/** One cable that lies in a way: one conductor of a run, a jacketed pair, or one that was there before. */
final readonly class Cable
{
    /**
     * @param  string|null  $run  id of its run; null: it lay there before
     * @param  float  $diameter  mm; of a pair its width
     * @param  int  $conductors  in it
     */
    public function __construct(
        public ?string $run,
        public string $name,
        public float $diameter,
        public int $conductors = 1,
    ) {
    }

    /** @return float mm² that it fills of a bore */
    public function area(): float
    {
        return M_PI / 4 * $this->diameter ** 2;
    }
}
