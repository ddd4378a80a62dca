<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Fit;

/** One phase of a day as it was planned, as it was measured, and as it would have to be planned to draw so much. */
final readonly class PhaseFit
{
    /**
     * @param  float|null  $measured  A on average; null: the log has nothing of it
     * @param  float  $planned  A on average, as simulated
     * @param  float  $fitted  A on average with the shares fitted
     * @param  array<string, array{float, float}>  $shares  by device: as planned, and fitted; only those that change
     */
    public function __construct(public string $name, public ?float $measured, public float $planned, public float $fitted, public array $shares)
    {
    }
}
