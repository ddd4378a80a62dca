<?php

declare(strict_types=1);

namespace Dinghy\Tests\Kit;

use Dinghy\File\PlanDocument;
use Dinghy\Kit\Kit;
use Dinghy\Kit\KitDocument;
use Dinghy\Kit\Line\KitLine;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Kits of small plans, as tests of them look at them. */
abstract class KitCase extends TestCase
{
    protected static function kit(PlanDocument $document): Kit
    {
        return Plans::evaluate($document)->boat->figures(Kit::class);
    }

    /** @return array<string, Piece> by id */
    protected static function pieces(PlanDocument $document): array
    {
        return array_column(array_map(static fn (Piece $piece): array => ['id' => $piece->id, 'piece' => $piece], self::kit($document)->pieces), 'piece', 'id');
    }

    /** @return array<string, float|null> m by id */
    protected static function lengths(PlanDocument $document): array
    {
        return array_map(static fn (Piece $piece): ?float => $piece->cut === null ? null : round($piece->cut, 9), self::pieces($document));
    }

    /** @return array<string, float> quantities by item */
    protected static function list(PlanDocument $document): array
    {
        return array_column(array_map(static fn (KitLine $line): array => ['item' => $line->item, 'n' => round($line->quantity, 6)], self::kit($document)->lines), 'n', 'item');
    }

    /** @return array<string, mixed> as the command line prints it */
    protected static function document(PlanDocument $document): array
    {
        return KitDocument::of(self::kit($document));
    }
}
