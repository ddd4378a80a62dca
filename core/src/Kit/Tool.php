<?php

declare(strict_types=1);

namespace Dinghy\Kit;

/** A tool that the bench or the boat asks for, and what of it. */
final readonly class Tool
{
    /**
     * @param  list<string>  $sizes  dies, spanners, bits
     * @param  list<string>  $for  ids of pieces, and parts as "hole:h1"
     * @param  string|null  $caution  where the hand is; null: none
     */
    public function __construct(
        public string $name,
        public array $sizes,
        public array $for,
        public ?string $caution = null,
    ) {
    }
}
