<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Source\SourceKind;

/** What is always the same about a rule: the screens, the printed sheets and docs/rules.md take it from here. */
final readonly class RuleText
{
    /**
     * @param  non-empty-list<Level>  $levels
     * @param  bool  $isCloser  whether it judges more closely, by what takes longer, what a rule of the same code judges at once
     */
    public function __construct(
        public string $code,
        public array $levels,
        public string $speaksWhen,
        public string $because,
        public string $source,
        public SourceKind $mark,
        public bool $isCloser = false,
    ) {
    }

    /** Whether it is the text of a rule. */
    public function isOf(Rule $rule): bool
    {
        return $this->code === $rule->text()->code;
    }
}
