<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Source\Formula;

/** Why a figure is what it is: the formula with its source, its inputs filled in, and what would change it most. */
final readonly class Explanation
{
    /**
     * @param  list<array{name: string, value: string}>  $inputs
     * @param  string|null  $lever  what would change it most
     */
    public function __construct(
        public string $title,
        public string $value,
        public Formula $formula,
        public array $inputs,
        public ?string $lever,
    ) {
    }
}
