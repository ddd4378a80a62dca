<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;

/** A rule that speaks: what is wrong, on which part, by how much, and what would put it right. */
final readonly class Finding
{
    /**
     * @param  string  $on  kind:id
     * @param  array<string, float>  $figures  SI
     */
    public function __construct(
        public RuleText $rule,
        public Level $level,
        public string $on,
        public string $says,
        public string $remedy,
        public ?Patch $patch,
        public array $figures,
    ) {
    }
}
