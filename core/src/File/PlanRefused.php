<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\Problem;

/** A document that is not a plan. Says each place that is wrong and what was expected there. */
final class PlanRefused extends \DomainException
{
    /** @param  non-empty-list<Problem>  $problems */
    private function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(strval(...), $problems)));
    }

    /** @param  non-empty-list<Problem>  $problems */
    public static function because(array $problems): self
    {
        return new self($problems);
    }

    public static function asAWhole(string $message): self
    {
        return new self([new Problem('', $message)]);
    }
}
