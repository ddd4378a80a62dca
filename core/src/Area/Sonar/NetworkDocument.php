<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Network\Backbone;
use Dinghy\Network\CableRun;
use Dinghy\Network\Trunk;
use Dinghy\Plan\Device;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;

/** The section "network" of the evaluation document, as docs/plan-format.md has it. */
final class NetworkDocument
{
    /** @return array<string, mixed> */
    public static function of(SolvedBoat $boat, SonarFigures $figures): array
    {
        return [
            'transducers' => array_map(static function (Transducer $transducer) use ($boat, $figures): array {
                $chain = $figures->chains->chainOf($transducer);

                return [
                    'id' => $transducer->id,
                    'reached' => $figures->chains->reaches($transducer),
                    'chain' => $chain?->ids() ?? [],
                    'functions' => self::values($figures->chains->shown($transducer)),
                    'lost' => self::values($chain?->lost() ?? []),
                    'cable_needed_m' => CableRun::needed($boat->plan, $transducer),
                ];
            }, array_values($figures->network->transducers)),
            'ports' => array_map(static fn (Device $device): array => [
                'device' => $device->id,
                'ports' => $figures->network->devices[$device->id]->ports,
                'used' => $figures->cabling->used($device->id),
            ], $figures->cabling->devices()),
            'screens' => array_map(
                static fn (string $screen, array $seen): array => ['device' => $screen, 'sees' => $seen],
                array_keys($seen = $figures->cabling->seen($figures->chains)),
                $seen,
            ),
            'backbones' => array_map(
                static fn (Trunk $trunk): array => self::backbone($trunk->backbone, $trunk),
                array_values($figures->trunks),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function backbone(Backbone $backbone, Trunk $trunk): array
    {
        $worst = $trunk->worst();

        return [
            'id' => $backbone->id,
            'nodes' => count($backbone->nodes),
            'len' => $backbone->loadUnits(),
            'trunk_m' => $backbone->length,
            'drops_m' => $backbone->dropLength(),
            'longest_drop_m' => $backbone->longestDrop(),
            'terminators' => count($backbone->terminators),
            'power_taps' => count($backbone->taps),
            'volts_min' => $worst === null ? null : $trunk->at($worst),
            'drop_v' => $trunk->drop,
            'worst' => $worst === null ? null : $backbone->nodes[$worst]->device,
            'across_ohm' => $backbone->ohmsAcross(),
        ];
    }

    /**
     * @param  list<SonarFunction>  $functions
     * @return list<string>
     */
    private static function values(array $functions): array
    {
        return array_map(static fn (SonarFunction $function): string => $function->value, $functions);
    }
}
