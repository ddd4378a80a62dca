<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** A transducer: what it does, where it sits, and the plug that its cable ends in. */
final readonly class Transducer
{
    /**
     * @param  list<SonarFunction>  $functions
     * @param  list<Band>  $bands
     * @param  list<float>  $beams  °, from edge to edge
     * @param  string  $plug  kind of its plug, as "sonar-6"
     * @param  float|null  $cable  m of its own cable, which cannot be cut
     * @param  list<string>|null  $route  stations that its cable goes through; null: the shortest way
     * @param  float  $loop  m that a motor needs to turn with it
     * @param  list<Lead>  $leads  colours of its wires; none: nobody has looked
     * @param  string|null  $device  that it is to be plugged into; null: nobody has said
     * @param  list<string>|null  $via  adapters and terminal blocks that were chosen; null: those that suit
     * @param  float|null  $belowWater  m
     * @param  float|null  $aboveKeel  m
     * @param  float|null  $fromPropeller  m
     * @param  string|null  $motor  that it is mounted on
     * @param  list<string>  $notWith  transducers that are never on together with it
     * @param  list<array{length_m: float, part: string|null}>  $extensions  of its maker, m
     * @param  bool|null  $isExtendable  whether its maker has any; null: nobody has said
     * @param  Look|null  $look  of a live one; null: nobody has said
     * @param  bool|null  $hasLookMount  the mount that lays its fan flat; null: nobody has looked
     */
    private function __construct(
        public string $id,
        public string $name,
        public TransducerMount $mount,
        public ?string $station,
        public array $functions,
        public array $bands,
        public array $beams,
        public string $plug,
        public ?float $cable,
        public ?array $route,
        public float $loop,
        public array $leads,
        public ?string $device,
        public ?string $socket,
        public ?array $via,
        public ?float $belowWater,
        public ?float $aboveKeel,
        public ?float $fromPropeller,
        public ?bool $behindStrake,
        public ?Bottom $bottom,
        public ?string $motor,
        public array $notWith,
        public MouldedCable $moulded,
        public array $extensions,
        public ?bool $isExtendable,
        public ?Look $look,
        public ?bool $hasLookMount,
    ) {
    }

    public static function of(Record $record): self
    {
        $to = $record->recordOrNull('to');
        $bottom = $record->textOrNull('hull_there');
        $look = $record->textOrNull('looks');

        return new self(
            $record->text('id'),
            $record->text('name'),
            TransducerMount::from($record->text('mount')),
            $record->textOrNull('station'),
            array_map(SonarFunction::from(...), $record->texts('functions')),
            array_map(
                static fn (array $band): Band => new Band(min($band), max($band)),
                $record->numberLists('bands_khz'),
            ),
            $record->numbers('beams_deg'),
            $record->text('plug'),
            $record->numberOrNull('cable_m'),
            $record->has('route') ? $record->texts('route') : null,
            $record->number('loop_m'),
            array_map(
                static fn (Record $wire): Lead => new Lead($wire->text('colour'), Signal::from($wire->text('carries'))),
                $record->records('wires'),
            ),
            $to?->text('device'),
            $to?->text('socket'),
            $record->has('via') ? $record->texts('via') : null,
            $record->numberOrNull('below_water_m'),
            $record->numberOrNull('above_keel_m'),
            $record->numberOrNull('from_propeller_m'),
            $record->flagOrNull('behind_strake'),
            $bottom === null ? null : Bottom::from($bottom),
            $record->textOrNull('motor'),
            $record->texts('not_with'),
            MouldedCable::of($record),
            array_map(static fn (Record $extension): array => ['length_m' => $extension->number('length_m'), 'part' => $extension->textOrNull('part')], $record->records('extensions')),
            $record->flagOrNull('extendable'),
            $look === null ? null : Look::from($look),
            $record->flagOrNull('perspective_mount'),
        );
    }

    public function label(): string
    {
        return $this->name === '' ? IdWords::the('transducer', $this->id) : $this->name;
    }

    /** m of its maker's extensions */
    public function extended(): float
    {
        return array_sum(array_column($this->extensions, 'length_m'));
    }

    /** @return float|null m of cable with its extensions; null: its own was not measured */
    public function cableThere(): ?float
    {
        return $this->cable === null ? null : $this->cable + $this->extended();
    }

    /** @return list<Lead> its wires of a colour: makers use one twice */
    public function leadsOf(string $colour): array
    {
        return array_values(array_filter(
            $this->leads,
            static fn (Lead $lead): bool => strcasecmp(trim($lead->colour), trim($colour)) === 0,
        ));
    }

    /** Whether the two may sound at once on frequencies that both of them use. */
    public function disturbs(self $other): bool
    {
        return ! in_array($other->id, $this->notWith, true)
            && ! in_array($this->id, $other->notWith, true)
            && $this->sharedBands($other) !== [];
    }

    /** @return list<Band> frequencies that both of them sound on */
    public function sharedBands(self $other): array
    {
        $shared = [];
        foreach ($this->bands as $band) {
            foreach ($other->bands as $its) {
                $band->overlaps($its) && $shared[] = $band->sharedWith($its);
            }
        }

        return $shared;
    }
}
