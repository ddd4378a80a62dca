<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Rule\SourceKind;

/** Why a figure is what it is: the formula, its inputs filled in, on whose word, and what would change it most. */
final readonly class Explanation
{
    /**
     * @param  list<array{name: string, value: string}>  $inputs
     * @param  string|null  $lever  what would change it most
     */
    public function __construct(
        public string $title,
        public string $value,
        public string $formula,
        public array $inputs,
        public string $source,
        public SourceKind $mark,
        public ?string $lever,
    ) {
    }
}
