<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Geometry\Spot;
use Dinghy\Record\Record;

/** A tube, gunwale or open stretch between two stations that wires can follow. */
final readonly class Way
{
    /** m between what holds wires that lie open: 18 in, rounded down */
    public const HELD_EVERY = 0.45;

    /** The same in both worlds, as people say it. */
    public const HELD_EVERY_IN_WORDS = '0.45 m (18 in)';

    /**
     * @param  float  $length  m, as it counts
     * @param  bool  $fromDrawing  its length follows the drawing; else it was measured with a tape
     * @param  list<Spot>  $bends  from `from` to `to`
     * @param  float|null  $bore  mm inside
     * @param  list<float>  $occupied  mm across each cable that lies there already
     * @param  bool  $curved  no straight look from end to end
     * @param  bool  $oldWire  an old wire lies there that can pull
     * @param  bool|null  $pullCord  whether a cord is left in it
     * @param  float  $support  m between what holds the wires
     * @param  string  $chafe  protected, bulkhead (bare), edge (against one)
     */
    private function __construct(
        public string $id,
        public string $from,
        public string $to,
        public float $length,
        public bool $engineSpace,
        public bool $fromDrawing,
        public array $bends,
        public ?float $bore,
        public ?WayKind $kind,
        public array $occupied,
        public bool $curved,
        public bool $oldWire,
        public ?bool $pullCord,
        public bool $spareCable,
        public float $support,
        public string $chafe,
    ) {
    }

    public static function of(Record $record): self
    {
        $kind = $record->textOrNull('kind');

        return new self(
            $record->text('id'),
            $record->text('from'),
            $record->text('to'),
            $record->number('length_m'),
            $record->flag('engine_space'),
            $record->text('measured') === 'drawing',
            array_map(Spot::of(...), $record->records('bends_m')),
            $record->numberOrNull('bore_mm'),
            $kind === null ? null : WayKind::from($kind),
            $record->numbers('occupied_mm'),
            $record->flag('curved'),
            $record->flag('old_wire'),
            $record->flagOrNull('pull_cord'),
            $record->flag('spare_cable'),
            $record->number('support_m'),
            $record->text('chafe'),
        );
    }

    /** Whether cables are pulled through it, not laid. */
    public function isTube(): bool
    {
        return $this->kind === WayKind::Tube || ($this->kind === null && $this->bore !== null);
    }
}
