<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Plan\WireKind;

/** A kind of wire as it is kept on spools: by gauge and colour, single or in pairs. */
final readonly class WireStock
{
    /** @param  string  $colour  of a pair both, plus first: "red/black" */
    public function __construct(
        public Gauge $gauge,
        public bool $pair,
        public string $colour,
        public Metal $metal = Metal::TinnedCopper,
        public WireKind $kind = WireKind::Marine,
    ) {
    }

    /** As the file writes it: "6 AWG red", "12 AWG pair red/black". */
    public function name(): string
    {
        return $this->told($this->gauge->name);
    }

    /** As people read it. */
    public function label(): string
    {
        return $this->told((string) $this->gauge);
    }

    /** Conductors in it. */
    public function conductors(): int
    {
        return $this->pair ? 2 : 1;
    }

    private function told(string $gauge): string
    {
        return implode(' ', [
            $gauge,
            ...($this->pair ? ['pair'] : []),
            $this->colour,
            ...($this->metal === Metal::TinnedCopper ? [] : [$this->metal->label()]),
            ...($this->kind === WireKind::Marine ? [] : [$this->kind->label()]),
        ]);
    }
}
