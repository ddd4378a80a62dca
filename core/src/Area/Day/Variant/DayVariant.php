<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\File\Patch;
use Dinghy\Solving\SolvedBoat;

/** A change to the boat, or to the day, that was tried and bears the day that is wanted; or why there is none of its kind. */
final readonly class DayVariant
{
    /**
     * @param  string  $name  as "one-more"
     * @param  string  $says  what is changed: "3 × LiFePO4 12 V 120 Ah in the thrust bank"
     * @param  Patch|null  $patch  the day that is wanted among it; null: there is none of its kind
     * @param  SolvedBoat|null  $boat  as she would be; null as before
     * @param  string|null  $missing  why there is none; null: there is one
     * @param  list<string>  $needs  what comes with it, in sentences
     */
    private function __construct(
        public string $name,
        public string $says,
        public ?Patch $patch,
        public ?SolvedBoat $boat,
        public ?string $missing,
        public array $needs,
    ) {
    }

    /** @param  list<string>  $needs */
    public static function tried(string $name, string $says, Patch $patch, SolvedBoat $boat, array $needs): self
    {
        return new self($name, $says, $patch, $boat, null, $needs);
    }

    public static function none(string $name, string $says, string $missing): self
    {
        return new self($name, $says, null, null, $missing, []);
    }
}
