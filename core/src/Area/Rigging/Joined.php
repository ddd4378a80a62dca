<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** What is joined to what, by name, whatever joins it: each name stands for itself until it is joined. */
final class Joined
{
    /** @var array<string, string> of each name one that it is joined to; a name that is its own stands for all of them */
    private array $to = [];

    public function join(string $one, string $other): void
    {
        $this->to[$this->rootOf($one)] = $this->rootOf($other);
    }

    public function are(string $one, string $other): bool
    {
        return $this->rootOf($one) === $this->rootOf($other);
    }

    /** The name that stands for all that one is joined to. */
    public function rootOf(string $name): string
    {
        while (($this->to[$name] ?? $name) !== $name) {
            $name = $this->to[$name];
        }

        return $name;
    }
}
