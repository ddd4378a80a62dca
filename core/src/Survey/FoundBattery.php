<?php

declare(strict_types=1);

namespace Dinghy\Survey;

use Dinghy\Battery\Chemistry;
use Dinghy\Battery\InternalResistance;
use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** A battery that came with the boat, as it was found. */
final readonly class FoundBattery
{
    /**
     * @param  string|null  $commissioned  year and month, as 2026-03
     * @param  float|null  $restedVolts  V an hour after it was charged or used
     * @param  float|null  $loadedVolts  V while it gives $loadedAmps
     * @param  float|null  $celsius  °C of the battery when it was measured
     */
    private function __construct(
        public string $id,
        public string $name,
        public ?string $station,
        public Chemistry $chemistry,
        public float $nominalVolts,
        public ?float $capacityAh,
        public ?float $crankingAmps,
        public ?string $commissioned,
        public ?float $restedVolts,
        public ?float $loadedVolts,
        public ?float $loadedAmps,
        public ?float $celsius,
        public ?Corrosion $corrosion,
        public ?TerminalCondition $terminals,
        public ?bool $restrained,
    ) {
    }

    public static function of(Record $record): self
    {
        $corrosion = $record->textOrNull('corrosion');
        $terminals = $record->textOrNull('terminals');

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->textOrNull('station'),
            Chemistry::from($record->text('chemistry')),
            $record->number('nominal_v'),
            $record->numberOrNull('capacity_ah'),
            $record->numberOrNull('cca_a'),
            $record->textOrNull('commissioned'),
            $record->numberOrNull('rested_v'),
            $record->numberOrNull('loaded_v'),
            $record->numberOrNull('loaded_a'),
            $record->numberOrNull('celsius'),
            $corrosion === null ? null : Corrosion::from($corrosion),
            $terminals === null ? null : TerminalCondition::from($terminals),
            $record->flagOrNull('restrained'),
        );
    }

    /** @return float|null Ω that a sound one of its kind and size has under load; null: not known */
    public function usualResistance(): ?float
    {
        return InternalResistance::typical(
            $this->chemistry,
            $this->capacityAh,
            $this->nominalVolts,
            $this->crankingAmps,
            'sag',
        );
    }

    public function label(): string
    {
        return $this->name === '' ? ucfirst(IdWords::of($this->id)) : $this->name;
    }
}
