<?php

declare(strict_types=1);

namespace App\Areas\Sonar;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Network\BackboneNode;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\Trunk;
use Dinghy\Network\TrunkLeg;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\BeamFootprint;
use Dinghy\Sonar\DepthFrom;
use Dinghy\Sonar\SoundSpeed;
use Dinghy\Sonar\Transducer;

/** What the stage Sonar draws beside the evaluation. */
final class SonarAnswer
{
    /** m of water that footprints are told for */
    private const DEPTHS = [3.0, 10.0, 30.0];

    /** °C of water that the speed of sound is told for */
    private const TEMPERATURES = [4.0, 10.0, 15.0, 20.0, 25.0];

    /** m shown, of which it is told how far they are out */
    private const SHOWN = 20.0;

    /** @return array<string, mixed> */
    public static function of(SolvedBoat $boat): array
    {
        $network = $boat->plan->part(DataNetwork::class);
        $trunks = $network === null ? [] : $boat->figures(SonarFigures::class)->trunks;

        return [
            'backbones' => array_map(self::backbone(...), array_values($trunks)),
            'transducers' => array_map(self::transducer(...), array_values($network->transducers ?? [])),
            'sound' => array_map(static fn (float $celsius): array => [
                'celsius' => $celsius,
                'fresh_m_per_s' => SoundSpeed::fresh($celsius),
                'shown_m' => self::SHOWN,
                'error_m' => SoundSpeed::error(self::SHOWN, SoundSpeed::fresh($celsius)),
            ], self::TEMPERATURES),
        ];
    }

    /** @return array<string, mixed> */
    private static function backbone(Trunk $trunk): array
    {
        $backbone = $trunk->backbone;

        return [
            'id' => $backbone->id,
            'best_tap_m' => $backbone->bestTap(),
            'most_a' => $backbone->cable->mostAmps(),
            'nodes' => array_map(static fn (BackboneNode $node, int $at): array => [
                'device' => $node->device,
                'at_m' => $node->at,
                'amps' => $node->amps(),
                'volts' => $trunk->at($at),
            ], $backbone->nodes, array_keys($backbone->nodes)),
            'legs' => array_map(
                static fn (TrunkLeg $leg): array => ['from_m' => $leg->from, 'to_m' => $leg->to, 'amps' => $leg->amps],
                $trunk->legs,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function transducer(Transducer $transducer): array
    {
        return [
            'id' => $transducer->id,
            'surface_m' => DepthFrom::Surface->offsetOf($transducer),
            'keel_m' => DepthFrom::Keel->offsetOf($transducer),
            'beams' => array_map(static fn (float $beam): array => [
                'deg' => $beam,
                'footprints' => array_map(static fn (float $depth): array => [
                    'depth_m' => $depth,
                    'across_m' => BeamFootprint::across($depth, $beam),
                ], self::DEPTHS),
            ], $transducer->beams),
        ];
    }
}
