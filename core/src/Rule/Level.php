<?php

declare(strict_types=1);

namespace Dinghy\Rule;

/** How hard a finding speaks. Declared worst first: findings are sorted by it. */
enum Level: string
{
    /** do not energise that circuit */
    case Stop = 'stop';
    /** a rigger must decide and say why; people see "decide" */
    case Warn = 'warn';
    /** good to know */
    case Note = 'note';

    public function word(): string
    {
        return $this === self::Warn ? 'decide' : $this->value;
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
