<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

use Dinghy\Circuit\State;
use Dinghy\Network\Backbone;
use Dinghy\Network\Cabling;
use Dinghy\Network\Chains;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\PowerTap;
use Dinghy\Network\Trunk;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;

/** What is computed of the data side of a boat: how plugs join, what cables reach, volts along backbones. */
final readonly class SonarFigures implements Figures
{
    /** @param  array<string, Trunk>  $trunks  by backbone */
    private function __construct(
        public DataNetwork $network,
        public Chains $chains,
        public Cabling $cabling,
        public array $trunks,
    ) {
    }

    /** @return float|null V at the end of the circuit that leads to it, everything on; null: none does, or they are not known */
    private static function fed(SolvedBoat $boat, Backbone $backbone): ?float
    {
        return $boat->states->in(State::Loaded)?->at($boat->plan->consumers[$backbone->id]);
    }

    /** @throws \LogicException for a boat of which nothing of data and sonar is planned */
    public static function of(SolvedBoat $boat): self
    {
        $network = $boat->plan->part(DataNetwork::class) ?? throw new \LogicException('Nothing of data and sonar is planned.');

        return new self(
            $network,
            Chains::of($network),
            new Cabling($boat->plan, $network),
            array_map(
                static fn (Backbone $backbone): Trunk => Trunk::of(
                    $backbone,
                    array_map(static fn (PowerTap $tap): ?float => $tap->volts ?? self::fed($boat, $backbone), $backbone->taps),
                ),
                $network->backbones,
            ),
        );
    }
}
