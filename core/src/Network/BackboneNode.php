<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Plan\BackboneLoad;
use Dinghy\Record\Record;

/** A device that hangs on a backbone by its drop. */
final readonly class BackboneNode
{
    /**
     * @param  float  $at  m along the trunk, of its tee
     * @param  float  $drop  m
     * @param  float  $loadUnits  of 50 mA
     */
    private function __construct(
        public string $device,
        public float $at,
        public float $drop,
        public TrunkCable $cable,
        public float $loadUnits,
    ) {
    }

    /** @param  TrunkCable  $trunk  of which its drop is, where nothing else is said */
    public static function of(Record $record, TrunkCable $trunk): self
    {
        return new self(
            $record->text('device'),
            $record->number('at_m'),
            $record->number('drop_m'),
            $record->has('drop_cable') ? TrunkCable::from($record->text('drop_cable')) : $trunk,
            $record->number('len'),
        );
    }

    /** A that it draws, whatever its volts. */
    public function amps(): float
    {
        return $this->loadUnits * BackboneLoad::UNIT;
    }

    /** V that its drop loses, both conductors. */
    public function lostInDrop(): float
    {
        return $this->amps() * 2 * $this->cable->ohmsPerMetre() * $this->drop;
    }

    /** As the file has it. */
    public function written(TrunkCable $trunk): \stdClass
    {
        return (object) [
            'device' => $this->device,
            'at_m' => $this->at,
            'drop_m' => $this->drop,
            ...($this->cable === $trunk ? [] : ['drop_cable' => $this->cable->value]),
            'len' => $this->loadUnits,
        ];
    }
}
