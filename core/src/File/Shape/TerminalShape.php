<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** A terminal of a bank: an end of a string, or a tap between its blocks. */
final readonly class TerminalShape extends LeafShape
{
    private TextShape $text;

    public function __construct()
    {
        $this->text = new TextShape(
            10,
            '^(neg|pos|tap:[1-9][0-9]?|(pos|neg)@[1-9][0-9]?)$',
            'a terminal as "neg", "pos", "tap:1" or "pos@2",',
        );
    }

    public function read(mixed $raw, string $pointer, Problems $problems): ?string
    {
        return $this->text->read($raw, $pointer, $problems);
    }

    public function schema(): array
    {
        return $this->text->schema();
    }
}
