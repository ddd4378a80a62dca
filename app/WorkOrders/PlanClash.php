<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\PlanVersion;
use Dinghy\File\PlanWords;
use Illuminate\Support\Collection;

/** Two people changed the same field, or what an undo would take back has been changed since. */
final class PlanClash extends \DomainException
{
    /** Changes that are told one by one. */
    private const TOLD = 5;

    /** @param  list<array{on: string, path: string, yours: mixed, theirs: mixed}>  $fields */
    private function __construct(string $message, public readonly array $fields)
    {
        parent::__construct($message);
    }

    /** @param  list<array{on: string, path: string, yours: mixed, theirs: mixed}>  $fields */
    public static function onFields(array $fields, string $by): self
    {
        return new self(
            "{$by} changed the same since you last saw it. Both values are shown; nothing was overwritten.",
            $fields,
        );
    }

    public static function replaced(string $by): self
    {
        return new self("{$by} replaced the whole plan since you last saw it. Your change was not kept.", []);
    }

    /** @param  Collection<int, PlanVersion>  $since */
    public static function wouldDrop(Collection $since, int $base, PlanWords $words): self
    {
        $told = $since->map(
            static fn (PlanVersion $version): string => "version {$version->number} of ".($version->author->name ?? 'somebody').": {$version->says($words)}",
        )->take(self::TOLD)->implode('; ');

        return new self(
            "Not kept: it would drop what was changed since version {$base}: {$told}".($since->count() > self::TOLD ? '; and '.($since->count() - self::TOLD).' more' : '').'. Look at the plan as it is now, then replace it again.',
            [],
        );
    }

    public static function noSuchVersion(int $base, int $newest): self
    {
        return new self(
            "Not kept: there is no version {$base} of this plan; the newest is {$newest}. Load the plan again.",
            [],
        );
    }

    public static function anotherStep(string $verb): self
    {
        return new self(
            "Something else would be the next to {$verb} now. Look at what the button says, then press it again.",
            [],
        );
    }

    public static function nothingTo(string $verb): self
    {
        return new self("There is nothing of yours to {$verb}.", []);
    }
}
