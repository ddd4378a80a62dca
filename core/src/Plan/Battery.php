<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Battery\Chemistry;
use Dinghy\Plan\Format\Record;

final readonly class Battery
{
    /**
     * @param  float|null  $crankingAmps  A
     * @param  float|null  $internalOhms  Ω, the maker's figure
     * @param  float|null  $restedVolts  V as measured after a rest
     * @param  float  $stateOfCharge  0–1
     */
    private function __construct(
        public string $id,
        public Chemistry $chemistry,
        public float $nominalVolts,
        public float $capacityAh,
        public ?float $crankingAmps,
        public ?float $internalOhms,
        public ?float $restedVolts,
        public float $stateOfCharge,
        public ?string $station,
    ) {
    }

    public static function of(Record $record): self
    {
        $milliohms = $record->numberOrNull('internal_mohm');

        return new self(
            $record->text('id'),
            Chemistry::from($record->text('chemistry')),
            $record->number('nominal_v'),
            $record->number('capacity_ah'),
            $record->numberOrNull('cca_a'),
            $milliohms === null ? null : $milliohms / 1000,
            $record->numberOrNull('rested_v'),
            $record->number('soc'),
            $record->textOrNull('station'),
        );
    }
}
