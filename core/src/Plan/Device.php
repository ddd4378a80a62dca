<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

final readonly class Device
{
    private Post $plus;

    private Post $minus;

    /**
     * @param  float  $minVolts  V
     * @param  float  $maxVolts  V
     * @param  float  $typicalAmps  A at nominal volts
     * @param  float  $peakAmps  A at nominal volts
     * @param  float|null  $makersFuse  A, the fuse its maker asks for
     * @param  float  $leadLength  m of factory lead; 0: none
     * @param  Connector|null  $leadConnector  that joins its lead to the run; null: bought to suit both
     * @param  list<array{speed: float, amps: float}>  $ampsAt  of a motor by its shaft's speed, slowest first; none: nobody has said
     * @param  float  $standbyAmps  A that it draws while its screen is off
     * @param  list<LongestRun>  $longestRuns  its maker's table of gauges and lengths
     * @param  bool  $alwaysOn  meant to stay on for weeks: automatic bilge pumps, alarms
     * @param  string|null  $data  name of the data cables that join it to others of that name
     * @param  string|null  $stud  size of the studs of one without a lead
     * @param  string  $part  kind of the part that draws: a device, or what a circuit takes for one
     */
    private function __construct(
        public string $id,
        public string $name,
        public DeviceKind $kind,
        public ?string $station,
        public float $minVolts,
        public float $maxVolts,
        public float $typicalAmps,
        public float $peakAmps,
        public LoadKind $load,
        public ?float $makersFuse,
        public ?Gauge $leadGauge,
        public float $leadLength,
        public ?Connector $leadConnector,
        public float $standbyAmps,
        public array $ampsAt,
        public array $longestRuns,
        public bool $alwaysOn,
        public bool $keyedPlug,
        public ?string $data,
        public Mounting $mounting,
        public ?string $stud,
        private string $part = 'device',
    ) {
        [$this->plus, $this->minus] = [Post::plus($id), Post::minus($id)];
    }

    public static function of(Record $record): self
    {
        $kind = DeviceKind::from($record->text('kind'));
        $lead = $record->recordOrNull('lead');
        $connector = $lead?->recordOrNull('connector');

        return new self(
            $record->text('id'),
            $record->text('name'),
            $kind,
            $record->textOrNull('station'),
            $record->number('v_min'),
            $record->number('v_max'),
            $record->number('typical_a'),
            $record->number('peak_a'),
            $record->has('load') ? LoadKind::from($record->text('load')) : LoadKind::usualOf($kind),
            $record->numberOrNull('fuse_a'),
            $lead === null ? null : Gauge::of($lead->text('gauge')),
            $lead === null ? 0.0 : $lead->number('length_m'),
            $connector === null ? null : Connector::of($connector),
            $record->number('standby_a'),
            self::bySpeed($record->records('amps_at')),
            array_map(LongestRun::of(...), $record->records('longest_runs')),
            $record->flag('always_on'),
            $record->flag('keyed_plug'),
            $record->textOrNull('data'),
            Mounting::of($record),
            $record->textOrNull('stud'),
        );
    }

    /**
     * What draws and is no device of the plan.
     *
     * @param  string  $part  its kind
     * @param  array{float, float}  $works  V from and up to
     * @param  float  $amps  A, whatever the volts
     */
    public static function standingFor(string $part, string $id, string $name, array $works, float $amps): self
    {
        return new self(
            $id, $name, DeviceKind::Other, null, $works[0], $works[1], $amps, $amps, LoadKind::Current,
            null, null, 0.0, null, 0.0, [], [], false, false, null, Mounting::unmeasured(), null, $part,
        );
    }

    /**
     * @param  list<Record>  $records
     * @return list<array{speed: float, amps: float}>
     */
    private static function bySpeed(array $records): array
    {
        $points = array_map(static fn (Record $one): array => ['speed' => $one->number('speed'), 'amps' => $one->number('amps')], $records);
        sort($points);

        return $points;
    }

    /** The part that draws, as findings name it: "device:hub". */
    public function on(): string
    {
        return "{$this->part}:{$this->id}";
    }

    public function isMotor(): bool
    {
        return $this->kind === DeviceKind::Motor;
    }

    /** A that a run is sized for: motors at their peak, everything else at its typical current. */
    public function sizingAmps(): float
    {
        return $this->isMotor() ? $this->peakAmps : $this->typicalAmps;
    }

    public function label(): string
    {
        return $this->name === '' ? ucfirst(IdWords::of($this->id)) : $this->name;
    }

    /** The plus of its plug. */
    public function plus(): Post
    {
        return $this->plus;
    }

    /** The minus of its plug. */
    public function minus(): Post
    {
        return $this->minus;
    }
}
