<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/** An engine with an electric starter. */
final readonly class Engine
{
    /**
     * @param  string  $battery  id of the one that starts it
     * @param  float|null  $crankingAmps  A that the starter draws
     * @param  float|null  $leastColdCranking  A, the cold cranking amps that its maker asks for
     * @param  bool|null  $joinsHull  whether its block joins minus to a metal hull; null: nobody has said
     */
    private function __construct(
        public string $battery,
        public ?float $crankingAmps,
        public ?float $leastColdCranking,
        public ?bool $joinsHull,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('battery'),
            $record->numberOrNull('cranking_a'),
            $record->numberOrNull('min_cca_a'),
            $record->flagOrNull('joins_hull'),
        );
    }
}
