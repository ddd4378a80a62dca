<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Plan\Plan;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;

/** Everything Dinghy has to say about one plan: the boat solved, and what the rulebook says of her. The only output of the core. */
final readonly class Evaluation
{
    /** @var list<Finding> by level, rule, part */
    public array $findings;

    /** @var list<Unchecked> */
    public array $unchecked;

    private function __construct(public SolvedBoat $boat)
    {
        $judgement = new Judgement($boat);
        [$this->findings, $this->unchecked] = [$judgement->findings(), $judgement->unchecked()];
    }

    /** @param  Units|null  $units that sentences are written in; null: the plan's own */
    public static function of(Plan $plan, ?Units $units = null, NumberingEnd $countedFrom = NumberingEnd::Negative): self
    {
        return new self(SolvedBoat::of($plan, new QuantityFormatter($units ?? $plan->units, $countedFrom)));
    }

    public function count(Level $level): int
    {
        return count(array_filter($this->findings, static fn (Finding $finding): bool => $finding->level === $level));
    }
}
