<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

use Dinghy\Plan\Bank;
use Dinghy\Source\Formula;
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

    public static function restFormula(): Formula
    {
        return Formula::fromMemory('series batteries add up', 'measured, or resting volts by chemistry and charge');
    }

    public static function shortFormula(): Formula
    {
        return Formula::ofPractice(
            'volts of the full bank / (batteries + jumpers)',
            "working estimate of the batteries' resistance",
        );
    }
}
