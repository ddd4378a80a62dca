<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Area\Sonar\Format\NetworkSection;
use Dinghy\Area\Sonar\Rule\BackboneOutOfBounds;
use Dinghy\Area\Sonar\Rule\BesideThrustCables;
use Dinghy\Area\Sonar\Rule\CableTooShort;
use Dinghy\Area\Sonar\Rule\DepthOffsetMissing;
use Dinghy\Area\Sonar\Rule\PlugsDoNotJoin;
use Dinghy\Area\Sonar\Rule\PortsRunOut;
use Dinghy\Area\Sonar\Rule\SonarsDisturb;
use Dinghy\Area\Sonar\Rule\TransducerPlace;
use Dinghy\Area\Sonar\Rule\WrongPin;
use Dinghy\Evaluation\Area;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/** What screens see and over what: transducers, plugs, adapters, network cables, backbones. */
final class SonarArea extends Area
{
    public function stage(): Stage
    {
        return new Stage('sonar', 'Sonar');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->part(DataNetwork::class) !== null;
    }

    public function section(): NetworkSection
    {
        return new NetworkSection;
    }

    public function rules(): array
    {
        return [
            new PortsRunOut,
            new PlugsDoNotJoin,
            new SonarsDisturb,
            new BackboneOutOfBounds,
            new TransducerPlace,
            new CableTooShort,
            new WrongPin,
            new DepthOffsetMissing,
            new BesideThrustCables,
        ];
    }

    public function document(SolvedBoat $boat): array
    {
        $figures = $boat->plan->part(DataNetwork::class) === null ? null : $boat->figures(SonarFigures::class);

        return $figures === null ? [] : ['network' => NetworkDocument::of($boat, $figures)];
    }
}
