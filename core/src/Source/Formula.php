<?php

declare(strict_types=1);

namespace Dinghy\Source;

/**
 * What a figure is computed by, as people read it, and on whose word. It stands with the arithmetic that it tells, and takes
 * its constants from there, so that the two cannot say different things.
 */
final readonly class Formula
{
    /**
     * @param  string  $says  with its constants: "E = 10.75 · I · L / CM"
     * @param  string  $source  the publication, or where the figures come from
     */
    public function __construct(
        public string $says,
        public string $source,
        public SourceKind $mark,
    ) {
    }

    /** Common practice of the trade, or computed from the plan: no publication. */
    public static function ofPractice(string $says, string $source): self
    {
        return new self($says, $source, SourceKind::CommonPractice);
    }

    /** Published, written down from memory. */
    public static function fromMemory(string $says, string $source): self
    {
        return new self($says, $source, SourceKind::FromMemory);
    }
}
