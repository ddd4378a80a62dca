<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Stage;
use Dinghy\Rule\Unchecked;

/** How one stage of a boat stands, in a word or two. */
final readonly class StageState
{
    private const IN_ORDER = 'in order';

    /** what takes longer to judge was not judged */
    private const NOT_RUN = 'not run';

    private function __construct(public Stage $stage, public string $says)
    {
    }

    /**
     * @param  list<string>  $decided  occasions of findings that somebody has decided about
     * @return non-empty-list<self> in the order of work
     */
    public static function allOf(Evaluation $evaluation, array $decided): array
    {
        return array_map(
            static fn (Area $area): self => new self($area->stage(), self::says($evaluation, $area, $decided)),
            $evaluation->areas->all,
        );
    }

    /**
     * The first stage that is not in order; the last where all are.
     *
     * @param  list<string>  $decided
     */
    public static function current(Evaluation $evaluation, array $decided): Stage
    {
        $states = self::allOf($evaluation, $decided);
        foreach ($states as $state) {
            if ($state->says !== self::IN_ORDER) {
                return $state->stage;
            }
        }

        return $states[count($states) - 1]->stage;
    }

    /** @param  list<string>  $decided */
    private static function says(Evaluation $evaluation, Area $area, array $decided): string
    {
        $book = $evaluation->areas->rulebook;
        $stage = $area->stage();
        $open = array_filter(
            $evaluation->findings,
            static fn (Finding $finding): bool => $book->stageOf($finding->rule) == $stage && ! in_array(
                $finding->occasion(),
                $decided,
                true,
            ),
        );
        $stops = count(array_filter($open, static fn (Finding $finding): bool => $finding->level === Level::Stop));
        $decisions = count(array_filter($open, static fn (Finding $finding): bool => $finding->level === Level::Warn));
        $unchecked = array_filter(
            $evaluation->unchecked,
            static fn (Unchecked $unchecked): bool => $book->stageOf($unchecked->rule) == $stage,
        );

        return match (true) {
            $stops > 0 => $stops === 1 ? '1 stop' : "{$stops} stops",
            $decisions > 0 => "{$decisions} to decide",
            ! $area->isBegun($evaluation->boat->plan) => 'not begun',
            $area->lateRules() !== [] && ! $evaluation->whole => self::NOT_RUN,
            default => $area->leftToDo($evaluation->boat) ?? ($unchecked === [] ? self::IN_ORDER : 'not all checked'),
        };
    }
}
