<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Stock\BoatShelf;
use App\Stock\LineOnShelf;
use Dinghy\Kit\Kit;
use Dinghy\Kit\Line\TerminalLines;
use Dinghy\Kit\Tool;

/** The tables of a kit as they are carried to the bench: heads, and rows of words and numbers in SI units. */
final class KitTables
{
    public const NAMES = ['wires', 'ends', 'list', 'spools', 'tools'];

    /** @return array{list<string>, list<list<string|int|float|null>>}|null null: there is no table of that name */
    public static function of(string $table, BoatShelf $shelf): ?array
    {
        return match ($table) {
            'wires' => self::wires($shelf->kit),
            'ends' => self::ends($shelf->kit),
            'list' => self::list($shelf),
            'spools' => self::spools($shelf),
            'tools' => [['tool', 'sizes', 'for'], array_map(static fn (Tool $tool): array => [$tool->name, implode(', ', $tool->sizes), count($tool->for)], $shelf->kit->tools)],
            default => null,
        };
    }

    /** @return array{list<string>, list<list<string|float|null>>} */
    private static function wires(Kit $kit): array
    {
        $rows = [];
        foreach ($kit->pieces as $piece) {
            $rows[] = [$piece->id, $piece->circuit, $piece->stock->label(), $piece->cut, $piece->cutAfterPull ? 'after the pull' : 'on the bench', $piece->from->words, $piece->to->words, ...$piece->labels()];
        }

        return [['wire', 'circuit', 'stock', 'cut_m', 'cut', 'from', 'to', 'first label', 'second label'], $rows];
    }

    /** @return array{list<string>, list<list<string|float|null>>} by die: the bench works by it */
    private static function ends(Kit $kit): array
    {
        $rows = [];
        foreach ($kit->pieces as $piece) {
            foreach ($piece->madeEnds() as $end) {
                $sleeve = $end->sleeve();
                $rows[] = [$end->die() ?? 'screws', TerminalLines::item($end), $end->strip(), $sleeve === null ? null : (string) $sleeve, $end->pull(), $piece->id, $end->at->words];
            }
        }
        usort($rows, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return [['die', 'terminal', 'strip_mm', 'sleeve', 'pull_n', 'wire', 'at'], $rows];
    }

    /** @return array{list<string>, list<list<string|float|null>>} */
    private static function list(BoatShelf $shelf): array
    {
        $rows = array_map(
            static fn (LineOnShelf $line): array => [$line->line->group, $line->line->item, $line->line->quantity, $line->line->unit, $line->taken, $line->free, $line->short, $line->price, $line->cost()],
            LineOnShelf::allOf($shelf, $shelf->cuts()),
        );

        return [['group', 'item', 'quantity', 'unit', 'taken', 'free', 'to order', 'price', 'cost'], $rows];
    }

    /** @return array{list<string>, list<list<string|float|null>>} */
    private static function spools(BoatShelf $shelf): array
    {
        $rows = [];
        foreach ($shelf->cuts() as $plan) {
            foreach ([...$plan->cut, ...$plan->spools()] as $spool) {
                foreach ($spool->pieces as $wire => $metres) {
                    $rows[] = [$plan->stock->label(), $spool->length, (string) $wire, $metres, $spool->left()];
                }
            }
        }

        return [['stock', 'length_m', 'wire', 'cut_m', 'left_m'], $rows];
    }
}
