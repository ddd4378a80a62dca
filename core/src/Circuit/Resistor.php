<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** A resistance between two nodes: a wire, a joint, a fuse, a battery's inside. */
final readonly class Resistor
{
    /** Elements of less are counted as this: nothing that carries current has no resistance. */
    private const LEAST_OHMS = 1e-6;

    public float $ohms;

    public function __construct(
        public string $name,
        public string $from,
        public string $to,
        float $ohms,
    ) {
        $this->ohms = self::atLeast($ohms);
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
