<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\Post;

/** A resistance between two nodes: a wire, a joint, a fuse, a battery's inside. */
final readonly class Resistor
{
    /** Elements of less are counted as this: nothing that carries current has no resistance. */
    private const LEAST_OHMS = 1e-6;

    public float $ohms;

    /**
     * @param  string  $from  a node: the name of a post, or of a place on the way
     * @param  float  $ohms  Ω
     * @param  string  $wire  id of the run, jumper, bond or device whose wire is part of it; '': there is none
     * @param  float  $wireOhms  Ω of that wire
     */
    public function __construct(
        public string $name,
        public string $from,
        public string $to,
        float $ohms,
        public string $wire = '',
        public float $wireOhms = 0.0,
    ) {
        $this->ohms = self::atLeast($ohms);
    }

    /** The same with its wire resisting so many times as much. */
    public function warmed(float $times): self
    {
        return $this->wireOhms > 0 ? new self(
            $this->name,
            $this->from,
            $this->to,
            $this->ohms + ($times - 1) * $this->wireOhms,
            $this->wire,
            $times * $this->wireOhms,
        ) : $this;
    }

    /**
     * @return float Ω
     *
     * @throws \DomainException
     */
    public static function atLeast(float $ohms): float
    {
        // Asked by name: compiled, PHP takes "not at least zero" to be false of what is not a number.
        if (is_nan($ohms) || $ohms < 0 || $ohms === INF) {
            throw new \DomainException('A resistance is a number of ohms from zero up.');
        }

        return max(self::LEAST_OHMS, $ohms);
    }
}
