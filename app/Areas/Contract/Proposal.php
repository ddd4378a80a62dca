<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Illuminate\Support\ValidatedInput;

/** Something that can be made of a plan that is there: what a page says of it, and the change that it is. */
final readonly class Proposal
{
    /**
     * @param  array<string, list<string>>  $rules  of what the page says, as the framework's validator has them
     * @param  array<string, string>  $messages  what is said where it does not hold
     * @param  \Closure(ValidatedInput, \stdClass): (\Closure(Plan, PlanDocument): Patch)  $make  from what was said, and the body as it came:
     *                                                                                        the framework's arrays make {} and [] the same
     */
    public function __construct(
        public array $rules,
        public array $messages,
        public \Closure $make,
    ) {
    }
}
