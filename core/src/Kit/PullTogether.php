<?php

declare(strict_types=1);

namespace Dinghy\Kit;

use Dinghy\Kit\Piece\Piece;
use Dinghy\Plan\Way;

/** Pieces that go the same way and are cut only once they lie there: their spools stand side by side for one pull. */
final readonly class PullTogether
{
    /**
     * @param  non-empty-list<Way>  $ways
     * @param  non-empty-list<Piece>  $pieces
     */
    private function __construct(public array $ways, public array $pieces)
    {
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<self>
     */
    public static function allOf(array $pieces): array
    {
        $ways = $together = [];
        foreach ($pieces as $piece) {
            $along = $piece->route->ways ?? [];
            if ($piece->cutAfterPull && $along !== []) {
                $key = implode('|', array_map(static fn (Way $way): string => $way->id, $along));
                $ways[$key] = $along;
                $together[$key][] = $piece;
            }
        }

        return array_map(static fn (array $along, array $group): self => new self($along, $group), array_values($ways), array_values($together));
    }

    /** @return list<string> spools that stand at the mouth, as people call their wire; two pieces of one wire take two ends of it */
    public function spools(): array
    {
        return array_map(static fn (Piece $piece): string => $piece->stock->label(), $this->pieces);
    }
}
