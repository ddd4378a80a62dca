<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Protection\FuseFamily;
use Dinghy\Record\Record;

/** A circuit from a fuse block to one device, or to another block. */
final readonly class Branch
{
    /**
     * @param  string|null  $device  or backbone, that it leads to
     * @param  string|null  $hole  size of its rings at its block; null: bought to suit
     */
    private function __construct(
        public string $id,
        public LoadClass $class,
        public Protection $fuse,
        public Run $run,
        public ?string $device,
        public ?string $block,
        public ?string $hole,
    ) {
    }

    public static function of(Record $record): self
    {
        $to = $record->record('to');

        return new self(
            $record->text('id'),
            LoadClass::from($record->text('class')),
            // A circuit of a fuse block has its fuse in the block, at its source.
            new Protection(FuseFamily::from($record->text('family')), $record->numberOrNull('fuse_a'), 0.0, false),
            Run::of($record->record('run')),
            $to->textOrNull('device') ?? $to->textOrNull('backbone'),
            $to->textOrNull('block'),
            $record->textOrNull('hole'),
        );
    }
}
