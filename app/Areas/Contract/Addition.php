<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;

/** How a part of the catalogue is put into a plan: what a page says of it, and the change that it is. */
final readonly class Addition
{
    /**
     * @param  array<string, list<string>>  $rules  of what the page says beside part, name and station
     * @param  array<string, string>  $messages  what is said where it does not hold
     * @param  \Closure(NewPart): (\Closure(Plan, PlanDocument): Patch)  $make
     */
    public function __construct(
        public array $rules,
        public array $messages,
        public \Closure $make,
    ) {
    }
}
