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
     * @param  string|null  $stud  size of the studs of its buses
     * @param  string|null  $branchStud  size of the screws that its circuits land under
     * @param  bool  $hasTabs  whether they land on flat tabs, with spade terminals
     */
    public function __construct(
        public string $id,
        public ?string $station,
        public array $branches,
        public ?bool $ignitionProtected,
        public ?int $circuits,
        public ?float $rating,
        public ?string $stud,
        public ?string $branchStud,
        public bool $hasTabs,
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
