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

    private Judgement $judgement;

    /**
     * @param  bool  $whole  whether rules that judge what takes longer were asked as well
     * @param  Judgement|null  $judgement  what was said of the boat so far; null: nothing
     */
    public function __construct(public SolvedBoat $boat, public Areas $areas, public bool $whole = false, ?Judgement $judgement = null)
    {
        $this->judgement = $judgement ?? new Judgement($boat, $areas->rulebook, $whole);
        [$this->findings, $this->unchecked] = [$this->judgement->findings(), $this->judgement->unchecked()];
    }

    /** The same boat, and what takes longer to judge as well. */
    public function whole(): self
    {
        return $this->whole ? $this : new self($this->boat, $this->areas, true, $this->judgement->whole());
    }

    public function count(Level $level): int
    {
        return count(array_filter($this->findings, static fn (Finding $finding): bool => $finding->level === $level));
    }
}
