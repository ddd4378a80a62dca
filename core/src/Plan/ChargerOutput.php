<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Battery\Chemistry;
use Dinghy\Conductor\Gauge;
use Dinghy\Plan\Format\Record;

/** One output of a charger and the batteries it stands across. */
final readonly class ChargerOutput
{
    /**
     * @param  non-empty-list<Battery>  $across  in series; one, where it charges a block
     * @param  float  $amps  A
     * @param  string|null  $fuseAt  battery or charger
     * @param  float  $nominalVolts  V that it is set for
     * @param  bool  $pastShunt  whether its minus lands on the battery side of the bank's shunt
     */
    private function __construct(
        public array $across,
        public float $amps,
        public Chemistry $profile,
        public ?string $fuseAt,
        public float $nominalVolts,
        public bool $pastShunt,
        public ?Gauge $leadGauge,
    ) {
    }

    /** @param  array<string, Battery>  $batteries by id */
    public static function of(Record $record, array $batteries): self
    {
        $ids = $record->texts('across');
        $across = array_map(static fn (string $id): Battery => $batteries[$id], $ids === [] ? [$record->text('battery')] : $ids);
        $lead = $record->recordOrNull('lead');

        return new self(
            $across,
            $record->number('amps'),
            Chemistry::from($record->text('profile')),
            $record->textOrNull('fuse_at'),
            $record->numberOrNull('volts') ?? $batteries[$record->text('battery')]->nominalVolts,
            $record->text('minus_at') === 'battery',
            $lead === null ? null : Gauge::of($lead->text('gauge')),
        );
    }

    public function charges(Battery $battery): bool
    {
        foreach ($this->across as $other) {
            if ($other->id === $battery->id) {
                return true;
            }
        }

        return false;
    }
}
