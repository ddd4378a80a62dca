<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

use Dinghy\Plan\Bank;
use Dinghy\Wiring\Standby;

final readonly class BankFigures
{
    /**
     * @param  float|null  $restedVolts  V between "pos" and "neg", nothing drawn
     * @param  float|null  $shortCircuitAmps  A between "pos" and "neg"
     * @param  array<string, float>|null  $shares  A out of each battery in the state loaded, by id
     */
    public function __construct(
        public Bank $bank,
        public ?float $restedVolts,
        public ?float $shortCircuitAmps,
        public ?array $shares,
        public Standby $standby,
    ) {
    }
}
