<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Plan;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/** What rules judge: the plan, how it hangs together, and every run after sizing. */
final readonly class Assessment
{
    /** @param  array<string, SizedRun>  $runs by id */
    public function __construct(
        public Plan $plan,
        public Wiring $wiring,
        public array $runs,
        public Words $words,
    ) {
    }

    /** @return list<SizedRun> feeds and branches, without factory leads */
    public function circuits(): array
    {
        return array_values(array_filter($this->runs, static fn (SizedRun $run): bool => $run->circuit !== null));
    }
}
