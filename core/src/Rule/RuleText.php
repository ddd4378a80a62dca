<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Source\SourceKind;

/** What is always the same about a rule: the screens, the printed sheets and docs/rules.md take it from here. */
final readonly class RuleText
{
    /** @param  non-empty-list<Level>  $levels */
    public function __construct(
        public string $code,
        public array $levels,
        public string $speaksWhen,
        public string $because,
        public string $source,
        public SourceKind $mark,
    ) {
    }

    /** Whether it is the text of a rule. */
    public function isOf(Rule $rule): bool
    {
        return $this->code === $rule->text()->code;
    }
}
