<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Geometry\Spot;
use Dinghy\Quantity\Units;
use Dinghy\Record\NamedParts;
use Dinghy\Record\Record;
use Dinghy\Survey\Survey;

/** One boat's plan: typed, immutable, whole. The only input of the core. */
final readonly class Plan
{
    /** °C of a day whose plan does not say how warm it is */
    private const TRIP_CELSIUS = 20.0;

    /** min after midnight that it begins at */
    private const TRIP_START = 360.0;

    /**
     * @param  array<string, Battery>  $batteries  by id
     * @param  array<string, Bank>  $banks  by id
     * @param  array<string, Feed>  $feeds  by id
     * @param  array<string, Block>  $blocks  by id
     * @param  array<string, Device>  $devices  by id
     * @param  array<string, Device>  $consumers  by id: devices, and backbones as their circuits see them
     * @param  list<Bond>  $bonds
     * @param  array<string, Charger>  $chargers  by id
     * @param  array<string, Hole>  $holes  by id
     * @param  array<string, Board>  $boards  by id
     * @param  Survey|null  $survey  null: none was made
     * @param  list<TripPhase>|null  $trip  null: no trip is planned
     * @param  float  $tripCelsius  °C that its batteries are at
     * @param  float  $tripStart  min after midnight
     * @param  NamedParts  $named  its parts, and what names them, as the file has them
     * @param  array<class-string, object>  $parts  of areas, by their class
     */
    private function __construct(
        public string $title,
        public Units $units,
        public HouseRules $houseRules,
        public Boat $boat,
        public array $batteries,
        public array $banks,
        public array $feeds,
        public array $blocks,
        public array $devices,
        public array $consumers,
        public array $bonds,
        public array $chargers,
        public ?array $trip,
        public float $tripCelsius,
        public float $tripStart,
        public array $holes,
        public array $boards,
        public ?Survey $survey,
        public NamedParts $named,
        public array $parts,
    ) {
    }

    /**
     * What an area read out of the plan for itself.
     *
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T|null null: the plan says nothing of it
     */
    public function part(string $class): ?object
    {
        $part = $this->parts[$class] ?? null;

        return $part instanceof $class ? $part : null;
    }

    /** The bank that a battery is wired into; null: none. */
    public function bankOf(string $battery): ?Bank
    {
        foreach ($this->banks as $bank) {
            foreach ($bank->batteries() as $other) {
                if ($other->id === $battery) {
                    return $bank;
                }
            }
        }

        return null;
    }

    /**
     * Whether every block of a string has an output of its own: what a tap takes of one is given back each night.
     *
     * @param  list<Battery>  $string
     */
    public function chargesApart(array $string): bool
    {
        $apart = [];
        foreach ($this->chargers as $charger) {
            foreach ($charger->batteryOutputs() as $output) {
                if (count($output->across) === 1) {
                    $apart[$output->across[0]->id] = true;
                }
            }
        }

        return array_filter($string, static fn (Battery $battery): bool => ! isset($apart[$battery->id])) === [];
    }

    /** Where a device sits: where it was said, else at its station; null: nobody has said. */
    public function spotOf(Device $device): ?Spot
    {
        return $device->mounting->at ?? ($device->station === null ? null : $this->boat->stations[$device->station]->at());
    }

    /** As which class of load a device is judged: as its branch or feed is, else as its kind. */
    public function classOf(Device $device): LoadClass
    {
        foreach ($this->feeds as $feed) {
            if ($feed->device === $device->id) {
                return $feed->class;
            }
        }
        foreach ($this->blocks as $block) {
            foreach ($block->branches as $branch) {
                if ($branch->device === $device->id) {
                    return $branch->class;
                }
            }
        }

        return $device->kind->loadClass();
    }

    /** Whether a motor stands in the forward half of the boat, or may, since nobody has said where. */
    public function mayStandAtBow(Device $motor): bool
    {
        $spot = $this->spotOf($motor);

        return $spot === null || $this->boat->length === null || $spot->x > $this->boat->length / 2;
    }

    /**
     * Whether the boat has what is said to be on a photograph: a station, a battery with its posts, or anything else.
     */
    public function has(string $of): bool
    {
        [$kind, $id] = [...explode(':', $of, 2), ''];

        return match ($kind) {
            'other' => $id === '',
            'station' => isset($this->boat->stations[$id]),
            'post' => isset($this->batteries[$id]) || isset($this->survey->batteries[$id]),
            default => false,
        };
    }

    /** A feed as a sentence speaks of it: "the feed to the bow block". */
    public function called(Feed $feed): string
    {
        return 'the feed to '.($feed->block === null
            ? $this->consumers[(string) $feed->device]->label()
            : $this->blocks[$feed->block]->label());
    }

    /** @return list<Feed> that are taken from a bank */
    public function feedsOf(Bank $bank): array
    {
        return array_values(
            array_filter($this->feeds, static fn (Feed $feed): bool => $feed->supply->bank->id === $bank->id),
        );
    }

    /** Whether a motor draws on a bank. */
    public function feedsThrust(Bank $bank): bool
    {
        return array_filter(
            $this->feedsOf($bank),
            static fn (Feed $feed): bool => $feed->class === LoadClass::Thrust,
        ) !== [];
    }

    /** @param  string|null  $clock  as 06:30 */
    private static function minutes(?string $clock): float
    {
        return $clock === null ? self::TRIP_START : 60.0 * (int) substr($clock, 0, 2) + (int) substr($clock, 3);
    }

    /**
     * @param  Record  $record  of a plan file whose shape and references were found sound
     * @param  NamedParts  $named  of that file
     * @param  list<object>  $parts  what areas read out of it besides
     */
    public static function of(Record $record, NamedParts $named, array $parts): self
    {
        $batteries = array_column(array_map(Battery::of(...), $record->records('batteries')), null, 'id');
        $banks = array_column(array_map(
            static fn (Record $bank): Bank => Bank::of($bank, $batteries),
            $record->records('banks'),
        ), null, 'id');
        $trip = $record->recordOrNull('trip');
        $survey = $record->recordOrNull('survey');
        $devices = array_column(array_map(Device::of(...), $record->records('devices')), null, 'id');
        $backbones = array_map(BackboneLoad::of(...), $record->recordOrNull('network')?->records('backbones') ?? []);

        return new self(
            $record->text('title'),
            Units::from($record->text('units')),
            HouseRules::of($record->record('house_rules')),
            Boat::of($record->record('boat')),
            $batteries,
            $banks,
            array_column(array_map(
                static fn (Record $feed): Feed => Feed::of($feed, $banks),
                $record->records('feeds'),
            ), null, 'id'),
            array_column(array_map(
                static fn (Record $block): Block => new Block(
                    $block->text('id'),
                    $block->textOrNull('station'),
                    array_map(Branch::of(...), $block->records('branches')),
                    $block->flagOrNull('ignition_protected'),
                    $block->has('circuits') ? (int) $block->number('circuits') : null,
                    $block->numberOrNull('rating_a'),
                    $block->textOrNull('stud'),
                    $block->textOrNull('branch_stud'),
                    $block->text('branch_terminal') === 'spade',
                ),
                $record->records('blocks'),
            ), null, 'id'),
            $devices,
            [...$devices, ...array_column($backbones, null, 'id')],
            array_map(static fn (Record $bond): Bond => Bond::of($bond, $banks), $record->records('bonds')),
            array_column(
                array_map(
                    static fn (Record $charger): Charger => Charger::of($charger, $batteries, $banks),
                    $record->records('chargers'),
                ),
                null,
                'id',
            ),
            $trip === null || $trip->records('phases') === [] ? null : array_map(
                static fn (Record $phase): TripPhase => TripPhase::of($phase, $trip->number('allowance_pct') / 100),
                $trip->records('phases'),
            ),
            $trip?->numberOrNull('ambient_c') ?? self::TRIP_CELSIUS,
            self::minutes($trip?->textOrNull('starts_at')),
            array_column(array_map(Hole::of(...), $record->records('holes')), null, 'id'),
            array_column(array_map(Board::of(...), $record->records('boards')), null, 'id'),
            $survey === null ? null : Survey::of($survey),
            $named,
            array_combine(array_map(static fn (object $part): string => $part::class, $parts), $parts),
        );
    }
}
