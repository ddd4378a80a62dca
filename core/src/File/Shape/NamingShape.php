<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

use Dinghy\Record\WhenGone;

/** A text that names another part of the plan. Whether there is such a part is not a matter of shape. */
abstract readonly class NamingShape extends LeafShape
{
    protected function __construct(private TextShape $text, public string $kind, private WhenGone $whenGone)
    {
    }

    public function read(mixed $raw, string $pointer, Problems $problems): ?string
    {
        return $this->text->read($raw, $pointer, $problems);
    }

    public function schema(): array
    {
        return $this->text->schema();
    }

    public function holdsNames(): bool
    {
        return true;
    }

    public function visit(mixed $raw, string $pointer, Visitor $visitor): void
    {
        if (is_string($raw)) {
            $visitor->reference($this->kind, $this->idIn($raw), $this->whenGone, $pointer);
        }
    }

    /** The id of the part that a text names. */
    abstract protected function idIn(string $text): string;
}
