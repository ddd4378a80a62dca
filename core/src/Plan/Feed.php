<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/** A circuit from a bank to one device or to a fuse block. */
final readonly class Feed
{
    /**
     * @param  list<Protection>  $protection  from the source outward
     * @param  float|null  $switchRating  A that its switch is made for
     * @param  string|null  $device  or backbone, that it leads to
     */
    private function __construct(
        public string $id,
        public LoadClass $class,
        public Supply $supply,
        public array $protection,
        public bool $switch,
        public ?float $switchRating,
        public Run $run,
        public ?string $device,
        public ?string $block,
        public Lug $lug,
    ) {
    }

    /** Whether a switch, or a breaker that serves as one, parts it from its bank. */
    public function isSwitched(): bool
    {
        return $this->switch || $this->hasBreaker();
    }

    public function hasBreaker(): bool
    {
        foreach ($this->protection as $protection) {
            if ($protection->family->isBreaker()) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<string, Bank>  $banks by id */
    public static function of(Record $record, array $banks): self
    {
        $to = $record->record('to');

        return new self(
            $record->text('id'),
            LoadClass::from($record->text('class')),
            Supply::of($record->record('from'), $banks),
            array_map(Protection::of(...), $record->records('protection')),
            $record->flag('switch'),
            $record->numberOrNull('switch_rating_a'),
            Run::of($record->record('run')),
            $to->textOrNull('device') ?? $to->textOrNull('backbone'),
            $to->textOrNull('block'),
            new Lug(
                Fastening::from($record->text('fastening')),
                $record->textOrNull('plus_hole'),
                $record->textOrNull('minus_hole'),
            ),
        );
    }
}
