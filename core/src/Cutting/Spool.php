<?php

declare(strict_types=1);

namespace Dinghy\Cutting;

/** A length of wire, on a spool or left over from one, and the pieces that are cut from it. */
final readonly class Spool
{
    /**
     * @param  string  $name  what it is known by among its like
     * @param  float  $length  m
     * @param  array<string, float>  $pieces  m by name
     */
    public function __construct(
        public string $name,
        public float $length,
        public array $pieces = [],
    ) {
    }

    /** @return float m that stay */
    public function left(): float
    {
        return $this->length - array_sum($this->pieces);
    }

    /** @param  array<string, float>  $pieces  m by name */
    public function cutInto(array $pieces): self
    {
        return new self($this->name, $this->length, $pieces);
    }
}
