<?php

declare(strict_types=1);

namespace Dinghy\Kit;

use Dinghy\Cutting\Spool;
use Dinghy\Kit\Piece\Piece;

/** The wire that a shop has, by the kind of wire as WireStock names it: lengths to cut from, and what was cut for the boat. */
final readonly class Shelf
{
    /** m by which a piece that was cut may differ from what is planned */
    private const AS_CUT = 0.0011;

    /**
     * @param  array<string, list<Spool>>  $lengths  uncut
     * @param  array<string, list<Spool>>  $cut  with the pieces that were cut from them
     */
    public function __construct(private array $lengths = [], private array $cut = [])
    {
    }

    /** @return list<Spool> */
    public function lengthsOf(string $wire): array
    {
        return $this->lengths[$wire] ?? [];
    }

    /** @return list<Spool> */
    public function cutOf(string $wire): array
    {
        return $this->cut[$wire] ?? [];
    }

    /** Whether it lies there, cut as it is planned now. */
    public function hasCut(Piece $piece): bool
    {
        foreach ($this->cutOf($piece->stock->name()) as $spool) {
            if (isset($spool->pieces[$piece->id]) && abs($spool->pieces[$piece->id] - (float) $piece->cut) < self::AS_CUT) {
                return true;
            }
        }

        return false;
    }
}
