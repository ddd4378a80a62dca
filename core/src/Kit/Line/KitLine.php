<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

/** So many of one thing, and what they are for. */
final readonly class KitLine
{
    /**
     * @param  string  $group  what it lies with on the bench, as "Wire"
     * @param  string  $unit  pcs or m
     * @param  list<string>  $for  ids of pieces, and parts as "feed:bow-motor", each once
     */
    public function __construct(
        public string $group,
        public string $item,
        public float $quantity,
        public string $unit,
        public array $for,
    ) {
    }

    /**
     * The same thing wanted in several places is one line.
     *
     * @param  list<self>  $lines
     * @return list<self>
     */
    public static function together(array $lines): array
    {
        $all = [];
        foreach ($lines as $line) {
            $same = $all[$line->item] ?? null;
            $all[$line->item] = $same === null ? $line : new self($same->group, $same->item, $same->quantity + $line->quantity, $same->unit, array_values(array_unique([...$same->for, ...$line->for])));
        }

        return array_values($all);
    }
}
