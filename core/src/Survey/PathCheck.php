<?php

declare(strict_types=1);

namespace Dinghy\Survey;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** What a meter showed along a circuit as it was found, and what its wire was found to be. */
final readonly class PathCheck
{
    /**
     * @param  string|null  $device  of the plan
     * @param  string|null  $battery  id of a battery found
     * @param  float|null  $amps  A while loaded; null: the device's own figure
     * @param  float|null  $length  m one way
     * @param  list<PointBetween>  $between  from the battery outward
     * @param  string|null  $renewedBy  the run of the plan that takes its place
     */
    private function __construct(
        public string $id,
        public string $name,
        public ?string $complaint,
        public ?string $device,
        public ?string $battery,
        public float $nominalVolts,
        public ?float $batteryAtRest,
        public ?float $batteryLoaded,
        public ?float $deviceAtRest,
        public ?float $deviceLoaded,
        public ?float $amps,
        public ?float $length,
        public ?Gauge $gauge,
        public Metal $metal,
        public array $between,
        public ?string $renewedBy,
    ) {
    }

    public static function of(Record $record): self
    {
        $gauge = $record->textOrNull('gauge');

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->textOrNull('complaint'),
            $record->textOrNull('device'),
            $record->textOrNull('battery'),
            $record->number('nominal_v'),
            $record->numberOrNull('battery_rest_v'),
            $record->numberOrNull('battery_loaded_v'),
            $record->numberOrNull('device_rest_v'),
            $record->numberOrNull('device_loaded_v'),
            $record->numberOrNull('amps_a'),
            $record->numberOrNull('length_m'),
            $gauge === null ? null : Gauge::of($gauge),
            Metal::from($record->text('metal')),
            array_map(
                static fn (Record $point): PointBetween => new PointBetween(
                    $point->text('name'),
                    $point->number('loaded_v'),
                    $point->numberOrNull('along_m'),
                ),
                $record->records('between'),
            ),
            $record->textOrNull('renewed_by'),
        );
    }

    public function label(): string
    {
        return $this->name === '' ? ucfirst(IdWords::of($this->id)) : $this->name;
    }
}
