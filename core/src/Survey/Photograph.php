<?php

declare(strict_types=1);

namespace Dinghy\Survey;

use Dinghy\Record\Record;

/** A photograph of the boat as it came. The picture itself is kept beside the plan, under what it is. */
final readonly class Photograph
{
    /** A picture by its content: the SHA-256 of the file that is kept. */
    public const PICTURE = '^[0-9a-f]{64}$';

    /** What can be on one: a station, the posts of a battery found, or anything else. */
    public const SUBJECT = '^(other|(station|post):[A-Za-z0-9][A-Za-z0-9_.-]*)$';

    /**
     * @param  string|null  $picture  null: the plan came without its pictures
     * @param  list<array{x: float, y: float, words: string}>  $marks  places from its upper left corner, as shares of its width and height
     */
    private function __construct(
        public string $id,
        public string $of,
        public string $words,
        public ?string $picture,
        public array $marks,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            $record->text('of'),
            $record->text('words'),
            $record->textOrNull('picture'),
            array_map(
                static fn (Record $mark): array => [
                    'x' => $mark->number('x'),
                    'y' => $mark->number('y'),
                    'words' => $mark->text('words'),
                ],
                $record->records('marks'),
            ),
        );
    }
}
