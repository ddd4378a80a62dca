<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

use Dinghy\Record\WhenGone;

/** A post of a battery: its id with "+" or "-" behind it. */
final readonly class PostShape extends LeafShape
{
    private TextShape $text;

    public function __construct(private WhenGone $whenGone)
    {
        $this->text = new TextShape(41, '^[A-Za-z0-9][A-Za-z0-9_.-]*[+-]$', 'a post as "b1+" or "b2-",');
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
            $visitor->reference('battery', substr($raw, 0, -1), $this->whenGone, $pointer);
        }
    }
}
