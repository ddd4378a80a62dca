<?php

declare(strict_types=1);

namespace Dinghy\Survey;

use Dinghy\Record\Record;

/** What the owner says hurts, in the owner's words. */
final readonly class Complaint
{
    private function __construct(
        public string $id,
        public ComplaintKind $kind,
        public string $words,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self($record->text('id'), ComplaintKind::from($record->text('kind')), $record->text('words'));
    }
}
