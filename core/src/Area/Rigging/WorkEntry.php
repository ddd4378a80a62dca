<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** That somebody did something about a step. */
final readonly class WorkEntry
{
    /**
     * @param  string  $step  its id
     * @param  string  $work  what it was then, as Step::work() has it
     * @param  string  $says  how it was worded then
     * @param  float  $at  min since 1970
     * @param  string  $by  a name
     */
    public function __construct(
        public string $id,
        public string $step,
        public Act $act,
        public string $work,
        public string $says,
        public float $at,
        public string $by,
    ) {
    }
}
