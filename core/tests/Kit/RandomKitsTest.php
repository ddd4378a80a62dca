<?php

declare(strict_types=1);

namespace Dinghy\Tests\Kit;

use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanRefused;
use Dinghy\Kit\Kit;
use Dinghy\Kit\KitDocument;
use Dinghy\Kit\Line\KitLine;
use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** Kits of boats that nobody would build: whatever is planned, wire, ends and list agree with the plan and with each other. */
final class RandomKitsTest extends TestCase
{
    private const BOATS = 120;

    public function test_wires_ends_and_lists_agree(): void
    {
        $seed = Seed::sown();
        $counted = 0;
        for ($boat = 0; $boat < self::BOATS; $boat++) {
            $document = $boat % 4 === 0 ? RandomBoat::joined() : MutantBoat::document();
            try {
                $evaluation = Plans::evaluate($document);
            } catch (PlanRefused) {
                continue;
            }
            $counted++;
            $kit = $evaluation->boat->figures(Kit::class);
            $where = "SEED={$seed}, boat {$boat}";
            self::assertRunsAreCovered($evaluation, $kit, $where);
            self::assertEndsAreListed($kit, $where);
            json_encode(KitDocument::of($kit), JSON_THROW_ON_ERROR);
        }
        self::assertGreaterThan(self::BOATS / 2, $counted);
    }

    /** Of each run whose fuses are placed: pieces a side by its fuses, and together as long as it. */
    private static function assertRunsAreCovered(Evaluation $evaluation, Kit $kit, string $where): void
    {
        foreach ($evaluation->boat->circuits() as $run) {
            $pieces = array_values(array_filter($kit->pieces, static fn (Piece $piece): bool => $piece->of === $run->circuit?->on()));
            $fuses = isset($evaluation->boat->plan->feeds[$run->id]) ? count($run->protection) : 0;
            self::assertCount($run->circuit?->run->jacketed === true ? $fuses + 1 : $fuses + 2, $pieces, "{$where}, {$run->id}");
            $plus = array_filter($pieces, static fn (Piece $piece): bool => ! $piece->stock->pair && preg_match('/\+\d*$/', $piece->id) === 1);
            $known = array_filter($plus, static fn (Piece $piece): bool => $piece->cut !== null);
            if ($run->circuit?->run->jacketed === false && count($known) === count($plus)) {
                self::assertEqualsWithDelta($run->length, array_sum(array_map(static fn (Piece $piece): float => (float) $piece->cut, $plus)), 1e-9, "{$where}, {$run->id}");
            }
            foreach ($pieces as $piece) {
                self::assertCount($piece->isWire() ? ($piece->stock->pair ? 4 : 2) : 0, $piece->ends, "{$where}, {$piece->id}");
                self::assertSame($piece->cut === null, $piece->asks !== null && in_array((string) $piece->asks, array_map(strval(...), $piece->asks()), true), "{$where}, {$piece->id}");
            }
        }
    }

    /** As many terminals on the list as there are ends that are made, as many labels as ends of pieces. */
    private static function assertEndsAreListed(Kit $kit, string $where): void
    {
        $ends = array_sum(array_map(static fn (Piece $piece): int => count(array_filter($piece->ends, static fn (End $end): bool => $end->isMade())), $kit->pieces));
        $ofWires = array_filter($kit->lines, static fn (KitLine $line): bool => $line->group === 'Terminals' && array_filter($line->for, static fn (string $id): bool => ! str_contains($id, ':')) !== []);
        self::assertSame((float) $ends, array_sum(array_map(static fn (KitLine $line): float => $line->quantity, $ofWires)) + 0.0, $where);
        $ids = array_map(static fn (Piece $piece): string => $piece->id, $kit->pieces);
        self::assertSame($ids, array_values(array_unique($ids)), $where);
        foreach ($kit->lines as $line) {
            self::assertGreaterThan(0.0, $line->quantity, "{$where}, {$line->item}");
            self::assertNotSame([], $line->for, "{$where}, {$line->item}");
        }
        $items = array_map(static fn (KitLine $line): string => $line->item, $kit->lines);
        self::assertSame($items, array_values(array_unique($items)), "{$where}: one line for one thing");
    }
}
