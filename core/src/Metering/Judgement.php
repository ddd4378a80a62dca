<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** What one reading says of the boat, or of how it was read. */
final readonly class Judgement
{
    /**
     * @param  string  $says  a sentence or two
     * @param  string|null  $next  what to measure next; null: nothing more is to be told by measuring
     */
    private function __construct(
        public Verdict $verdict,
        public string $says,
        public ?string $next,
    ) {
    }

    public static function inside(string $says): self
    {
        return new self(Verdict::Inside, $says, null);
    }

    public static function asks(string $says): self
    {
        return new self(Verdict::Asks, $says, null);
    }

    public static function outside(string $says, ?string $next): self
    {
        return new self(Verdict::Outside, $says, $next);
    }

    public function isInside(): bool
    {
        return $this->verdict === Verdict::Inside;
    }
}
