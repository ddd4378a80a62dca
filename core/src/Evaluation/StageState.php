<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Area\Survey\Figure\NeededPhotograph;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Stage;
use Dinghy\Rule\Unchecked;

/** How one stage of a boat stands, in a word or two. */
final readonly class StageState
{
    private const IN_ORDER = 'in order';

    private function __construct(public Stage $stage, public string $says)
    {
    }

    /**
     * @param  list<string>  $decided  occasions of findings that somebody has decided about
     * @return non-empty-list<self> in the order of work
     */
    public static function allOf(Evaluation $evaluation, array $decided): array
    {
        return array_map(static fn (Stage $stage): self => new self($stage, self::says($evaluation, $stage, $decided)), Stage::cases());
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
    private static function says(Evaluation $evaluation, Stage $stage, array $decided): string
    {
        $open = array_filter($evaluation->findings, static fn (Finding $finding): bool => Stage::ofRule($finding->rule->code) === $stage && ! in_array($finding->occasion(), $decided, true));
        $stops = count(array_filter($open, static fn (Finding $finding): bool => $finding->level === Level::Stop));
        $decisions = count(array_filter($open, static fn (Finding $finding): bool => $finding->level === Level::Warn));

        return match (true) {
            $stops > 0 => $stops === 1 ? '1 stop' : "{$stops} stops",
            $decisions > 0 => "{$decisions} to decide",
            ! self::isBegun($evaluation->boat->plan, $stage) => 'not begun',
            $stage === Stage::Survey && self::unphotographed($evaluation) > 0 => self::unphotographed($evaluation).' to photograph',
            array_filter($evaluation->unchecked, static fn (Unchecked $unchecked): bool => Stage::ofRule($unchecked->rule->code) === $stage) !== [] => 'not all checked',
            default => self::IN_ORDER,
        };
    }

    private static function unphotographed(Evaluation $evaluation): int
    {
        return count(NeededPhotograph::missingOf(NeededPhotograph::listFor($evaluation->boat->plan)));
    }

    private static function isBegun(Plan $plan, Stage $stage): bool
    {
        return match ($stage) {
            Stage::Survey => $plan->survey !== null,
            Stage::Layout => $plan->boat->stations !== [],
            Stage::Power => $plan->banks !== [],
        };
    }
}
