<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;

/**
 * Everything Dinghy has to say about one plan: the boat solved, and what the rulebook says of her. The only output of
 * the core.
 */
final readonly class Evaluation
{
    /** @var list<Finding> by level, rule, part */
    public array $findings;

    /** @var list<Unchecked> by rule, part, input */
    public array $unchecked;

    public function __construct(public SolvedBoat $boat, public Areas $areas)
    {
        $judgement = new Judgement($boat, $areas->rulebook);
        [$this->findings, $this->unchecked] = [$judgement->findings(), $judgement->unchecked()];
    }

    public function count(Level $level): int
    {
        return count(array_filter($this->findings, static fn (Finding $finding): bool => $finding->level === $level));
    }
}
