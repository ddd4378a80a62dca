<?php

declare(strict_types=1);

namespace Dinghy\File;

/** A kind of part that a plan file can hold: where parts of it stand. Made from the format. */
final readonly class PartKind
{
    /**
     * @param  string  $name  as parts are addressed by: "branch" of "branch:br-hub"
     * @param  string|null  $owner  kind of the parts that hold it; null: the plan does
     * @param  bool  $addedAsIs  whether a new one says all of itself: what it hangs on is one of its fields
     * @param  string  $word  what people call one
     * @param  non-empty-list<string>  $path  keys to its list within its owner, as ["boat", "stations"] or ["branches"]
     */
    public function __construct(
        public string $name,
        public ?string $owner,
        public array $path,
        public bool $addedAsIs,
        public string $word,
    ) {
    }

    /** The path of its list within its owner, as "boat.stations". */
    public function list(): string
    {
        return implode('.', $this->path);
    }

    /** The key of its list. */
    public function key(): string
    {
        return $this->path[count($this->path) - 1];
    }

    /** @return list<string> keys to the object within its owner that has its list */
    public function sections(): array
    {
        return array_slice($this->path, 0, -1);
    }
}
