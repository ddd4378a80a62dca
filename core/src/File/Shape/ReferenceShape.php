<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

use Dinghy\Record\WhenGone;

/** The id of another part of the plan. Whether there is such a part is not a matter of shape. */
final readonly class ReferenceShape extends LeafShape
{
    private TextShape $text;

    private function __construct(private string $kind, private WhenGone $whenGone)
    {
        $this->text = TextShape::id();
    }

    /** @param  string  $kind  of part: "station" */
    public static function to(string $kind, WhenGone $whenGone = WhenGone::Forgotten): self
    {
        return new self($kind, $whenGone);
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
            $visitor->reference($this->kind, $raw, $this->whenGone, $pointer);
        }
    }
}
