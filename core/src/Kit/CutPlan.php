<?php

declare(strict_types=1);

namespace Dinghy\Kit;

use Dinghy\Cutting\Nesting;
use Dinghy\Cutting\Spool;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Kit\Piece\WireStock;

/** What is cut of one kind of wire, from which lengths, and what has to be bought for it. */
final readonly class CutPlan
{
    /**
     * @param  list<Piece>  $pieces
     * @param  Spool|null  $bought  what no length in stock holds, with the shop's waste; null: nothing is bought
     * @param  list<Piece>  $unknown  whose length nobody has said
     * @param  list<Spool>  $cut  what lies there, cut already
     */
    private function __construct(
        public WireStock $stock,
        public array $pieces,
        public Nesting $nesting,
        public ?Spool $bought,
        public array $unknown,
        public array $cut,
    ) {
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  float  $waste  of what is bought, 0–1
     * @param  Shelf  $shelf  what is in stock
     * @return list<self> thinnest wire first
     */
    public static function allOf(array $pieces, float $waste, Shelf $shelf): array
    {
        $kinds = [];
        foreach ($pieces as $piece) {
            if ($piece->isWire()) {
                $kinds[$piece->stock->name()][] = $piece;
            }
        }
        $plans = [];
        foreach ($kinds as $name => $ofKind) {
            $known = array_values(array_filter($ofKind, static fn (Piece $piece): bool => $piece->cut !== null && ! $shelf->hasCut($piece)));
            $nesting = Nesting::of(array_column(array_map(static fn (Piece $piece): array => ['id' => $piece->id, 'm' => (float) $piece->cut], $known), 'm', 'id'), $shelf->lengthsOf($name));
            $plans[] = new self($ofKind[0]->stock, $ofKind, $nesting,
                $nesting->missing === [] ? null : new Spool('to buy', (1 + $waste) * array_sum($nesting->missing), $nesting->missing),
                array_values(array_filter($ofKind, static fn (Piece $piece): bool => $piece->cut === null)),
                $shelf->cutOf($name));
        }
        usort($plans, static fn (self $a, self $b): int => [$a->stock->gauge->areaMm2, $a->stock->name()] <=> [$b->stock->gauge->areaMm2, $b->stock->name()]);

        return $plans;
    }

    /** @return list<Spool> that are cut into, those in stock first */
    public function spools(): array
    {
        return [...$this->nesting->spools, ...($this->bought === null ? [] : [$this->bought])];
    }
}
