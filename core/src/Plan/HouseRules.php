<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Battery\Chemistry;
use Dinghy\Conductor\Gauge;
use Dinghy\Record\Record;

/** The settings of a shop that judgements are made by; the defaults stand in PlanFormat. */
final readonly class HouseRules
{
    /**
     * @param  array<string, float>  $dropPercent  by LoadClass value
     * @param  int  $insulation  °C
     * @param  float  $ambient  °C
     * @param  float  $conductorCelsius  °C, the temperature volts are predicted at
     * @param  float  $slack  m at each end of a run
     * @param  float  $waste  of the wire bought, 0–1
     * @param  array<string, float>  $floor  state of charge 0–1 by Chemistry value
     * @param  list<Gauge>  $stock  thinnest first
     * @param  float  $layUpDays  days that a boat stands untouched between trips
     * @param  float  $winterDays  days that she is laid up in winter
     * @param  float  $winterCelsius  °C of the batteries meanwhile
     * @param  float  $nightHours  h that a charger has
     * @param  bool  $chargerFirst  charger leads are landed before the jumpers; false: after them
     * @param  float  $cutAfterPull  m that a piece is longer than, to be cut only after it is pulled
     * @param  float  $remnant  m that what is left of a spool is kept from
     * @param  float  $pieceMinutes  min on the bench for measuring, cutting and labelling one piece
     * @param  float  $endMinutes  min for stripping, crimping, pulling and shrinking one end
     */
    private function __construct(
        public array $dropPercent,
        public int $insulation,
        public float $ambient,
        public float $conductorCelsius,
        public float $slack,
        public float $waste,
        public array $floor,
        public array $stock,
        public float $layUpDays,
        public float $winterDays,
        public float $winterCelsius,
        public float $nightHours,
        public bool $chargerFirst,
        public JointStyle $joint,
        public LabelStyle $labels,
        public float $cutAfterPull,
        public float $remnant,
        public float $pieceMinutes,
        public float $endMinutes,
    ) {
    }

    public static function of(Record $record): self
    {
        $drop = $record->record('drop_pct');
        $floor = $record->record('floor_soc');
        $stock = array_map(Gauge::of(...), $record->texts('stock_gauges'));
        usort($stock, static fn (Gauge $a, Gauge $b): int => $a->areaMm2 <=> $b->areaMm2);

        return new self(
            array_map(
                static fn (LoadClass $class): float => $drop->number($class->value),
                self::byValue(LoadClass::cases()),
            ),
            (int) $record->number('insulation_c'),
            $record->number('ambient_c'),
            $record->number('conductor_c'),
            $record->number('slack_m'),
            $record->number('waste_pct') / 100,
            array_map(
                static fn (Chemistry $chemistry): float => $floor->number($chemistry->value),
                self::byValue([Chemistry::Flooded, Chemistry::Agm, Chemistry::Gel, Chemistry::LiFePO4]),
            ),
            $stock,
            $record->number('layup_days'),
            $record->number('winter_days'),
            $record->number('winter_c'),
            $record->number('night_hours'),
            $record->text('first_wires') === 'charger',
            JointStyle::from($record->text('joint')),
            LabelStyle::from($record->text('labels')),
            $record->number('cut_after_pull_m'),
            $record->number('remnant_m'),
            $record->number('piece_minutes'),
            $record->number('end_minutes'),
        );
    }

    /** @return float % of nominal volts that a path of this class may lose */
    public function dropLimit(LoadClass $class): float
    {
        return $this->dropPercent[$class->value];
    }

    /** @return float|null state of charge 0–1 that a battery is not run below; null: only its maker knows */
    public function floorOf(Chemistry $chemistry): ?float
    {
        return $this->floor[$chemistry->value] ?? null;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  list<T>  $cases
     * @return array<string, T>
     */
    private static function byValue(array $cases): array
    {
        $keyed = [];
        foreach ($cases as $case) {
            $keyed[(string) $case->value] = $case;
        }

        return $keyed;
    }
}
