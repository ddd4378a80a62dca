<?php

declare(strict_types=1);

namespace Dinghy\Rule;

/** A rule that could not judge a part, and the input it needs for that. */
final readonly class Unchecked
{
    /**
     * @param  string  $on  kind:id
     * @param  string  $needs  a field of that part
     */
    public function __construct(
        public RuleText $rule,
        public string $on,
        public string $needs,
    ) {
    }
}
