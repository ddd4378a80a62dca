<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** A list of parts of one kind, each an object with an id that is used once in the whole document. */
final readonly class PartsShape implements Shape
{
    private ListShape $list;

    /**
     * @param  string  $kind  as parts are addressed by: "branch" of "branch:br-hub"
     * @param  bool  $addedAsIs  whether a new one says all of itself: what it hangs on is one of its fields
     * @param  string|null  $word  what people call one; null: its kind
     */
    public function __construct(
        public string $kind,
        public ObjectShape $part,
        private int $most,
        public bool $addedAsIs = false,
        public ?string $word = null,
    ) {
        $this->list = new ListShape($part, $most);
    }

    /** @return list<mixed>|null */
    public function read(mixed $raw, string $pointer, Problems $problems): ?array
    {
        return $this->list->read($raw, $pointer, $problems);
    }

    public function schema(): array
    {
        return $this->list->schema();
    }

    public function inner(string $key): ?Shape
    {
        return $this->list->inner($key);
    }

    public function holdsNames(): bool
    {
        return true;
    }

    public function visit(mixed $raw, string $pointer, Visitor $visitor): void
    {
        foreach (is_array($raw) ? array_values($raw) : [] as $at => $part) {
            if ($part instanceof \stdClass) {
                $place = Pointer::child($pointer, $at);
                $visitor->enter($this->kind, $part, $place);
                $this->part->visit($part, $place, $visitor);
                $visitor->leave();
            }
        }
    }

    public function extended(array $path, Extension $extension): self
    {
        return new self($this->kind, $this->part->extended($path, $extension), $this->most, $this->addedAsIs, $this->word);
    }
}
