<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** A list, or one object that stands for a list of one. */
final readonly class OneOrListShape implements Shape
{
    private ListShape $list;

    public function __construct(public Shape $item, public int $most)
    {
        $this->list = new ListShape($item, $most);
    }

    /** @return list<mixed>|null */
    public function read(mixed $raw, string $pointer, Problems $problems): ?array
    {
        if ($raw instanceof \stdClass) {
            return [$this->item->read($raw, $pointer, $problems)];
        }

        return $this->list->read($raw, $pointer, $problems);
    }

    public function schema(): array
    {
        return ['anyOf' => [$this->item->schema(), $this->list->schema()]];
    }

    public function inner(string $key): ?Shape
    {
        return ctype_digit($key) ? $this->item : $this->item->inner($key);
    }

    public function holdsNames(): bool
    {
        return $this->item->holdsNames();
    }

    public function visit(mixed $raw, string $pointer, Visitor $visitor): void
    {
        $raw instanceof \stdClass ? $this->item->visit($raw, $pointer, $visitor) : $this->list->visit($raw, $pointer, $visitor);
    }

    public function extended(array $path, Extension $extension): self
    {
        return new self($this->item->extended($path, $extension), $this->most);
    }
}
