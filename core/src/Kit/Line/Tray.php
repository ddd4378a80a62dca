<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

/** Collects what a kit needs: the same thing wanted twice is one line of two. */
final class Tray
{
    /** @var array<string, array{quantity: float, unit: string, for: array<string, true>}> by item, in the order they came */
    private array $items = [];

    public function __construct(private readonly string $group)
    {
    }

    public function pieces(string $item, int $count, string ...$for): void
    {
        $this->add($item, $count, 'pcs', $for);
    }

    /** @param  float  $metres  m */
    public function metres(string $item, float $metres, string ...$for): void
    {
        $this->add($item, $metres, 'm', $for);
    }

    /** @return list<KitLine> */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->items as $item => $line) {
            $lines[] = new KitLine($this->group, $item, $line['quantity'], $line['unit'], array_map(strval(...), array_keys($line['for'])));
        }

        return $lines;
    }

    /** @param  array<string>  $for */
    private function add(string $item, float $quantity, string $unit, array $for): void
    {
        if ($quantity <= 0) {
            return;
        }
        $line = $this->items[$item] ?? ['quantity' => 0.0, 'unit' => $unit, 'for' => []];
        $line['quantity'] += $quantity;
        $line['for'] += array_fill_keys($for, true);
        $this->items[$item] = $line;
    }
}
