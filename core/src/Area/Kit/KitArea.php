<?php

declare(strict_types=1);

namespace Dinghy\Area\Kit;

use Dinghy\Area\Kit\Rule\ConnectorRange;
use Dinghy\Area\Kit\Rule\CrowdedStud;
use Dinghy\Area\Kit\Rule\HoleAndStud;
use Dinghy\Area\Kit\Rule\LeadConnectorRange;
use Dinghy\Area\Kit\Rule\PlugBelowCircuit;
use Dinghy\Evaluation\Area;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Kit\Piece\Pieces;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/** What lies on the bench before a boat is touched. */
final class KitArea extends Area
{
    public function stage(): Stage
    {
        return new Stage('kit', 'Kit');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->feeds !== [] || $plan->banks !== [];
    }

    public function rules(): array
    {
        return [new LeadConnectorRange, new ConnectorRange, new HoleAndStud, new CrowdedStud, new PlugBelowCircuit];
    }

    public function reasons(Evaluation $evaluation): array
    {
        return [new KitReasons($evaluation)];
    }

    public function leftToDo(SolvedBoat $boat): ?string
    {
        $asks = count($boat->figures(Pieces::class)->asks());

        return $asks === 0 ? null : "{$asks} to measure";
    }
}
