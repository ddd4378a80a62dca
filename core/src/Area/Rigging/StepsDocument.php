<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\HoldRule;
use Dinghy\Solving\SolvedBoat;

/** Steps as the document that docs/plan-format.md calls "dinghy-steps". */
final class StepsDocument
{
    /** @return array<string, mixed> */
    public static function of(SolvedBoat $boat): array
    {
        $gaps = $boat->figures(GapVolts::class);

        return ['format' => 'dinghy-steps', 'version' => 1, 'steps' => array_map(static fn (Step $step): array => self::step($step, $gaps), $boat->figures(Steps::class)->all)];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, GapVolts $gaps): array
    {
        $holds = array_map(static fn (HoldRule $hold): array => ['rule' => $hold->text()->code, 'asks' => $hold->asks()->value], $step->holds());

        return [
            'id' => $step->id,
            'kind' => $step->kind->value,
            'says' => $step->says,
            'at' => $step->at,
            'on' => $step->on,
            'post' => $step->post,
            'needs' => $step->needs,
            'hold' => $holds[0] ?? null,
            'minutes' => $step->minutes,
            'where' => $step->place->value,
            'gap_v' => $gaps->across($step),
            ...(count($holds) > 1 ? ['holds' => $holds] : []),
            ...($step->state === null ? [] : ['state' => $step->state->value]),
        ];
    }
}
