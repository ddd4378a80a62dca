<?php

declare(strict_types=1);

namespace App\Areas\Sonar;

use Dinghy\Area\Sonar\Figure\Awake;
use Dinghy\Area\Sonar\Figure\Outage;
use Dinghy\Area\Sonar\Figure\Outages;
use Dinghy\Area\Sonar\Figure\PlugAtHole;
use Dinghy\Area\Sonar\Figure\Pulling;
use Dinghy\Area\Sonar\Figure\PullStep;
use Dinghy\Area\Sonar\Figure\ShutOff;
use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Network\BackboneNode;
use Dinghy\Network\Chains;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\Landing;
use Dinghy\Network\Trunk;
use Dinghy\Network\TrunkLeg;
use Dinghy\Network\WiringSlip;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\BeamFootprint;
use Dinghy\Sonar\DepthFrom;
use Dinghy\Sonar\Lead;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\SoundSpeed;
use Dinghy\Sonar\Transducer;

/** What the stage Sonar draws beside the evaluation. */
final class SonarAnswer
{
    /** m of water that footprints are told for */
    private const DEPTHS = [3.0, 10.0, 30.0];

    /** °C of water that the speed of sound is told for */
    private const TEMPERATURES = [4.0, 10.0, 15.0, 20.0, 25.0];

    /** ‰ of sea water */
    private const SALINITY = 35.0;

    /** m shown, of which it is told how far they are out */
    private const SHOWN = 20.0;

    /** @return array<string, mixed> */
    public static function of(SolvedBoat $boat): array
    {
        $network = $boat->plan->part(DataNetwork::class);
        $figures = $network === null ? null : $boat->figures(SonarFigures::class);

        return [
            'backbones' => array_map(self::backbone(...), array_values($figures->trunks ?? [])),
            'slips' => $figures === null ? [] : self::slips($figures->network, $figures->chains),
            'outages' => $figures === null ? [] : array_map(self::outage(...), (new Outages($boat, $figures))->all()),
            'shut_off' => $figures === null ? ['places' => [], 'leaves' => []] : self::shutOff(ShutOff::of($boat, $figures)),
            'awake' => $figures === null ? [] : array_map(self::awake(...), Awake::allOf($boat, $figures)),
            'pulling' => $figures === null ? [] : array_map(self::pulling(...), Pulling::allOf($boat, $figures)),
            'at_holes' => $figures === null ? [] : array_map(self::atHole(...), PlugAtHole::allOf($boat, $figures)),
            'transducers' => array_map(self::transducer(...), array_values($network->transducers ?? [])),
            'sound' => array_map(static fn (float $celsius): array => [
                'celsius' => $celsius,
                'fresh_m_per_s' => SoundSpeed::fresh($celsius),
                'sea_m_per_s' => SoundSpeed::sea($celsius, self::SALINITY, self::SHOWN / 2),
                'shown_m' => self::SHOWN,
                'error_m' => SoundSpeed::error(self::SHOWN, SoundSpeed::fresh($celsius)),
                'sea_error_m' => SoundSpeed::error(self::SHOWN, SoundSpeed::sea($celsius, self::SALINITY, self::SHOWN / 2)),
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
            'fan' => self::fan($transducer),
            'beams' => array_map(static fn (float $beam): array => [
                'deg' => $beam,
                'footprints' => array_map(static fn (float $depth): array => [
                    'depth_m' => $depth,
                    'across_m' => BeamFootprint::across($depth, $beam),
                ], self::DEPTHS),
            ], $transducer->beams),
        ];
    }

    /** @return array<string, mixed>|null null: it is no live one, or nobody has said how it looks */
    private static function fan(Transducer $transducer): ?array
    {
        if ($transducer->look === null || $transducer->beams === [] || ! in_array(SonarFunction::Live, $transducer->functions, true)) {
            return null;
        }

        return [
            'looks' => $transducer->look->value,
            'edges_deg' => $transducer->look->edges(max($transducer->beams)),
            'needs_mount' => $transducer->look->needsMount(),
            'has_mount' => $transducer->hasLookMount,
        ];
    }

    /** @return list<array<string, mixed>> terminal blocks, pin by pin */
    private static function slips(DataNetwork $network, Chains $chains): array
    {
        $slips = [];
        foreach ($network->terminalBlocks as $block) {
            $slip = WiringSlip::of($block, $network, $chains);
            $slip === null || $slips[] = [
                'block' => $block->id,
                'transducer' => $slip->transducer->id,
                'landings' => array_map(static fn (Landing $landing): array => [
                    'pin' => $landing->pin,
                    'carries' => $landing->carries->value,
                    'colour' => $landing->colour,
                    'wire_carries' => $landing->lead?->carries->value,
                    'right' => $landing->isRight(),
                    'cut_mm' => $landing->cut,
                ], $slip->landings),
                'left_over' => array_map(static fn (Lead $lead): array => ['colour' => $lead->colour, 'carries' => $lead->carries->value], $slip->leftOver),
            ];
        }

        return $slips;
    }

    /** @return array<string, mixed> */
    private static function outage(Outage $outage): array
    {
        $lost = [];
        foreach ($outage->lost as $screen => $transducers) {
            $lost[] = ['screen' => $screen, 'transducers' => $transducers];
        }

        return ['off' => $outage->off, 'dark' => $outage->dark, 'lost' => $lost, 'backbones' => $outage->backbones];
    }

    /** @return array{places: list<string>, leaves: list<string>} */
    private static function shutOff(ShutOff $shutOff): array
    {
        return ['places' => $shutOff->places, 'leaves' => $shutOff->leaves];
    }

    /** @return array<string, mixed> */
    private static function awake(Awake $awake): array
    {
        return ['device' => $awake->device, 'amps' => $awake->amps, 'bank' => $awake->bank, 'hours' => $awake->hours];
    }

    /** @return array<string, mixed> */
    private static function pulling(Pulling $pulling): array
    {
        return ['way' => $pulling->way->id, 'bore_mm' => $pulling->bore, 'curved' => $pulling->way->curved, 'steps' => array_map(
            static fn (PullStep $step): array => [
                'on' => $step->on,
                'label' => $step->label,
                'plug_mm' => $step->plug,
                'cable_mm' => $step->cable,
                'bend_mm' => $step->bend,
                'passes' => $step->passes,
            ],
            $pulling->steps,
        )];
    }

    /** @return array<string, mixed> */
    private static function atHole(PlugAtHole $at): array
    {
        return ['hole' => $at->hole, 'on' => $at->on, 'plug_mm' => $at->plug, 'hole_mm' => $at->diameter, 'passes' => $at->passes(), 'needed_mm' => $at->needed()];
    }
}
