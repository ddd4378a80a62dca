<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** A list whose items all have one shape, with a limit on how many. */
final readonly class ListShape implements Shape
{
    public function __construct(
        public Shape $item,
        public int $most,
        public int $least = 0,
    ) {
    }

    /** @return list<mixed>|null */
    public function read(mixed $raw, string $pointer, Problems $problems): ?array
    {
        if (! is_array($raw) || ! array_is_list($raw)) {
            $problems->add($pointer, 'expected a list, found '.Found::describe($raw));

            return null;
        }
        if (count($raw) < $this->least || count($raw) > $this->most) {
            $problems->add($pointer, "expected {$this->least} to {$this->most} items, found ".count($raw));

            return null;
        }
        $items = [];
        foreach ($raw as $index => $item) {
            $items[] = $this->item->read($item, Pointer::child($pointer, $index), $problems);
        }

        return $items;
    }

    public function schema(): array
    {
        $schema = ['type' => 'array', 'items' => $this->item->schema(), 'maxItems' => $this->most];
        if ($this->least > 0) {
            $schema['minItems'] = $this->least;
        }

        return $schema;
    }

    public function inner(string $key): ?Shape
    {
        return ctype_digit($key) ? $this->item : null;
    }

    public function holdsNames(): bool
    {
        return $this->item->holdsNames();
    }

    public function visit(mixed $raw, string $pointer, Visitor $visitor): void
    {
        foreach (is_array($raw) && $this->item->holdsNames() ? array_values($raw) : [] as $at => $item) {
            $this->item->visit($item, Pointer::child($pointer, $at), $visitor);
        }
    }

    public function extended(array $path, Extension $extension): self
    {
        return new self($this->item->extended($path, $extension), $this->most, $this->least);
    }
}
