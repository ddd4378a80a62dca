<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Block;

/** Something that a new device can be hung on: a circuit of a fuse block, a larger block in its place, or a bank. */
final readonly class CircuitOffer
{
    private function __construct(
        public string $label,
        public ?string $block,
        public ?int $circuits,
        public ?string $bank,
        public ?string $tap,
    ) {
    }

    /** @param  int|null  $free  circuits left; null: the plan does not say how many the block has */
    public static function circuit(Block $block, ?int $free): self
    {
        return new self("a circuit of {$block->label()}".($free === null ? '' : ", {$free} free"), $block->id, null, null, null);
    }

    /** @param  int  $circuits  of the larger block */
    public static function larger(Block $block, int $full, int $circuits): self
    {
        return new self(
            "{$block->label()} is full with {$full}: a block of {$circuits} in its place",
            $block->id,
            $circuits,
            null,
            null,
        );
    }

    /** @param  string|null  $tap  terminal; null: the whole bank */
    public static function feed(Bank $bank, ?string $tap, string $volts): self
    {
        return new self(
            "a feed of its own from {$bank->label()}, {$volts}".($tap === null ? '' : ' across its first block'),
            null,
            null,
            $bank->id,
            $tap,
        );
    }

    /** What it is asked for by, as "block:bow-block", "larger:bow-block:12", "bank:house" or "tap:thrust". */
    public function name(): string
    {
        return match (true) {
            $this->block !== null => $this->circuits === null
                ? "block:{$this->block}"
                : "larger:{$this->block}:{$this->circuits}",
            default => ($this->tap === null ? 'bank:' : 'tap:').$this->bank,
        };
    }

    /** The "from" of a feed. */
    public function from(): \stdClass
    {
        return (object) ['bank' => $this->bank, ...($this->tap === null ? [] : ['plus' => $this->tap])];
    }
}
