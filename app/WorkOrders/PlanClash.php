<?php

declare(strict_types=1);

namespace App\WorkOrders;

/** Two people changed the same field, or what an undo would take back has been changed since. */
final class PlanClash extends \DomainException
{
    /** @param  list<array{on: string, path: string, yours: mixed, theirs: mixed}>  $fields */
    private function __construct(string $message, public readonly array $fields)
    {
        parent::__construct($message);
    }

    /** @param  list<array{on: string, path: string, yours: mixed, theirs: mixed}>  $fields */
    public static function onFields(array $fields, string $by): self
    {
        return new self("{$by} changed the same since you last saw it. Both values are shown; nothing was overwritten.", $fields);
    }

    public static function replaced(string $by): self
    {
        return new self("{$by} replaced the whole plan since you last saw it. Your change was not kept.", []);
    }

    public static function nothingTo(string $verb): self
    {
        return new self("There is nothing of yours to {$verb}.", []);
    }
}
