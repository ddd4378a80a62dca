<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\IdWords;

/** A fuse block: one plus bus, one minus bus, branches. */
final readonly class Block
{
    private Post $plus;

    private Post $minus;

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
        [$this->plus, $this->minus] = [Post::plus($id), Post::minus($id)];
    }

    /** As a sentence speaks of it: "the bow block". */
    public function label(): string
    {
        return IdWords::the('block', $this->id);
    }

    /** Its plus bus. */
    public function plus(): Post
    {
        return $this->plus;
    }

    /** Its minus bus. */
    public function minus(): Post
    {
        return $this->minus;
    }
}
