<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/**
 * Where a wire lands: a post of a battery ("b1+"), a side of a plug or of a fuse block ("d1-"), or the load side of a bank's
 * shunt ("house:shunt"). The plan file and the circuit know it by that name.
 */
final readonly class Post implements \Stringable
{
    private const SHUNT = ':shunt';

    /** as the plan file writes it */
    public string $name;

    /** @param  string  $part  id of the battery, device, block or bank */
    private function __construct(
        public string $part,
        private string $side,
    ) {
        $this->name = $part.$side;
    }

    public static function plus(string $part): self
    {
        return new self($part, '+');
    }

    public static function minus(string $part): self
    {
        return new self($part, '-');
    }

    public static function shunt(string $bank): self
    {
        return new self($bank, self::SHUNT);
    }

    /** By its name in a plan file, whose shape was found sound. */
    public static function named(string $name): self
    {
        return new self(substr($name, 0, -1), substr($name, -1));
    }

    public function isPlus(): bool
    {
        return $this->side === '+';
    }

    public function isShunt(): bool
    {
        return $this->side === self::SHUNT;
    }

    public function is(self $other): bool
    {
        return $this->name === $other->name;
    }

    public function __toString(): string
    {
        return $this->name;
    }
}
