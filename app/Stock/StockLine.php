<?php

declare(strict_types=1);

namespace App\Stock;

/** A line of a table of the shelf. */
final readonly class StockLine
{
    /**
     * @param  int  $number  in its table, the first line being 1
     * @param  array<string, string|int|float>  $figures  by column, those that it says
     * @param  string|null  $refused  why; null: it is good
     */
    public function __construct(
        public int $number,
        public string $name,
        public array $figures,
        public ?string $refused,
    ) {
    }

    public static function refused(int $number, string $name, string $why): self
    {
        return new self($number, $name, [], $why);
    }
}
