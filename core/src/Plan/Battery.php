<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Battery\Cells;
use Dinghy\Battery\Chemistry;
use Dinghy\Battery\GroupSize;
use Dinghy\Battery\InternalResistance;
use Dinghy\Battery\Peukert;
use Dinghy\Battery\UsableShare;
use Dinghy\Record\Record;

final readonly class Battery
{
    private Post $plus;

    private Post $minus;

    /**
     * @param  float|null  $crankingAmps  A
     * @param  float|null  $internalOhms  Ω, the maker's figure
     * @param  float|null  $restedVolts  V as measured after a rest
     * @param  float  $stateOfCharge  0–1; full, where nobody has said
     * @param  bool  $isChargeKnown  whether somebody has
     * @param  float  $hourRate  h, the discharge that the capacity is rated for
     * @param  string|null  $commissioned  year and month, as 2026-03
     * @param  float|null  $kilograms  kg
     * @param  list<float>|null  $size  length, width, height over the posts in mm
     * @param  list<float>|null  $tray  the room it stands in, up to the lid, in mm
     * @param  bool  $plusLeft  whether its plus is the left post, seen from the side that the posts are on
     * @param  BlockPosition|null  $position  where it stands in its compartment; null: nobody has said
     * @param  float|null  $petrolFitting  m to the nearest petrol fitting
     * @param  bool  $petrolShield  a shield between them
     * @param  bool|null  $restrained  held so that it cannot move
     * @param  bool|null  $booted  a boot over its positive post
     * @param  string|null  $space  open, ventilated or closed
     * @param  float|null  $continuousAmps  A that its management system passes for ever
     * @param  float|null  $peakAmps  A that its management system passes for seconds
     * @param  int|null  $mostInSeries  blocks that its maker allows
     * @param  int|null  $mostInParallel  blocks that its maker allows
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
        public bool $isChargeKnown,
        public ?string $station,
        public float $hourRate,
        public ?string $positiveStud,
        public ?string $negativeStud,
        public ?string $commissioned,
        public ?float $kilograms,
        public ?array $size,
        public ?array $tray,
        public ?bool $restrained,
        public ?bool $booted,
        public ?string $space,
        public ?float $continuousAmps,
        public ?float $peakAmps,
        public ?int $mostInSeries,
        public ?int $mostInParallel,
        public bool $plusLeft,
        public ?BlockPosition $position,
        public ?float $petrolFitting,
        public bool $petrolShield,
    ) {
        [$this->plus, $this->minus] = [Post::plus($id), Post::minus($id)];
    }

    public static function of(Record $record): self
    {
        $milliohms = $record->numberOrNull('internal_mohm');
        $group = $record->textOrNull('group');
        $whole = static fn (?float $number): ?int => $number === null ? null : (int) $number;

        return new self(
            $record->text('id'),
            Chemistry::from($record->text('chemistry')),
            $record->number('nominal_v'),
            $record->number('capacity_ah'),
            $record->numberOrNull('cca_a'),
            $milliohms === null ? null : $milliohms / 1000,
            $record->numberOrNull('rested_v'),
            $record->numberOrNull('soc') ?? 1.0,
            $record->has('soc'),
            $record->textOrNull('station'),
            $record->number('hour_rate'),
            $record->textOrNull('stud_pos'),
            $record->textOrNull('stud_neg'),
            $record->textOrNull('commissioned'),
            $record->numberOrNull('mass_kg'),
            $record->has('size_mm') || $group === null ? self::measures($record, 'size_mm') : GroupSize::of($group),
            self::measures($record, 'tray_mm'),
            $record->flagOrNull('restrained'),
            $record->flagOrNull('booted'),
            $record->textOrNull('space'),
            $record->numberOrNull('continuous_a'),
            $record->numberOrNull('peak_a'),
            $whole($record->numberOrNull('max_series')),
            $whole($record->numberOrNull('max_parallel')),
            $record->text('plus_side') === 'left',
            $record->has('lies') ? BlockPosition::of($record->record('lies')) : null,
            $record->numberOrNull('petrol_fitting_m'),
            $record->flag('petrol_shield'),
        );
    }

    public function plus(): Post
    {
        return $this->plus;
    }

    public function minus(): Post
    {
        return $this->minus;
    }

    /** @return float|null Ω while it feeds a load, the maker's figure before any estimate; null: neither */
    public function resistanceUnderLoad(): ?float
    {
        return $this->internalOhms ?? InternalResistance::typical(
            $this->chemistry,
            $this->capacityAh,
            $this->nominalVolts,
            $this->crankingAmps,
            'sag',
        );
    }

    /** @return float|null Ω into a short circuit, the maker's figure before any estimate; null: neither */
    public function resistanceIntoShort(): ?float
    {
        return $this->internalOhms ?? InternalResistance::typical(
            $this->chemistry,
            $this->capacityAh,
            $this->nominalVolts,
            $this->crankingAmps,
            'short',
        );
    }

    /**
     * @return float|null h from full to empty at a steady current in A; null for a chemistry whose exponent only its maker knows
     */
    public function hoursAt(float $amps): ?float
    {
        $exponent = $this->chemistry->peukertExponent();

        return $exponent === null ? null : Peukert::at($this->capacityAh, $this->hourRate, $exponent, $amps);
    }

    /**
     * By the law that a day is simulated with: charge falls by I · max(1, I·H/C)^(k−1) / (C·f) an hour, f the share of the
     * capacity that the cold leaves.
     *
     * @param  float  $floor  state of charge 0–1 that it is not run below
     * @param  float  $celsius  °C of the battery
     * @return float|null h from full to its floor; null as hoursAt()
     */
    public function hoursToFloor(float $amps, float $floor, float $celsius): ?float
    {
        $hours = $this->hoursAt($amps);

        return $hours === null ? null : (1 - $floor) * $hours * UsableShare::at($this->chemistry, $celsius);
    }

    /** @return float|null V that a charger puts on it at most; null: only its maker knows */
    public function highestChargingVolts(): ?float
    {
        $blocks = Cells::blocks($this->chemistry, $this->nominalVolts);
        $ofBlock = $this->chemistry->highestChargingVolts();

        return $blocks === null || $ofBlock === null ? null : $blocks * $ofBlock;
    }

    /** @return list<float>|null mm; null: not given */
    private static function measures(Record $record, string $key): ?array
    {
        return $record->has($key) ? $record->numbers($key) : null;
    }
}
