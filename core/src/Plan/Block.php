<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** A fuse block: one plus bus, one minus bus, branches. */
final readonly class Block
{
    /**
     * @param  list<Branch>  $branches
     * @param  int|null  $circuits  that it has room for
     * @param  float|null  $rating  A that its buses are made for
     */
    public function __construct(
        public string $id,
        public ?string $station,
        public array $branches,
        public ?bool $ignitionProtected,
        public ?int $circuits,
        public ?float $rating,
    ) {
    }

    /** Its plus bus. */
    public function plus(): Post
    {
        return Post::plus($this->id);
    }

    /** Its minus bus. */
    public function minus(): Post
    {
        return Post::minus($this->id);
    }
}
