<?php

declare(strict_types=1);

namespace App\Areas\Layout;

use App\Areas\Contract\HullDrawn;
use Dinghy\Area\Layout\Figure\BoardProblems;
use Dinghy\Area\Layout\Figure\Disturbance;
use Dinghy\Area\Layout\Figure\Fitting;
use Dinghy\Area\Layout\Figure\MountingCheck;
use Dinghy\Area\Layout\Figure\Pull;
use Dinghy\Area\Layout\MotorSize;
use Dinghy\Area\Layout\PlaceCheck;
use Dinghy\Area\Layout\Rule\WiresApartAtCompass;
use Dinghy\Conduit\Bore;
use Dinghy\Conduit\Cable;
use Dinghy\Conduit\Packing;
use Dinghy\Drilling\HoleAdvice;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Geometry\Polyline;
use Dinghy\Hull\Outline;
use Dinghy\Plan\Board;
use Dinghy\Plan\Device;
use Dinghy\Plan\Hole;
use Dinghy\Plan\Station;
use Dinghy\Plan\Way;
use Dinghy\Proposal\MoveOnPlan;
use Dinghy\Wiring\SizedRun;

/** The boat from above with what lies in her: outline, stations, ways, bores, mounting, holes, boards. */
final class LayoutAnswer
{
    /** @return array<string, mixed> */
    public static function of(Evaluation $evaluation): array
    {
        $boat = $evaluation->boat->plan->boat;
        $outline = $boat->outline();

        return [
            'hull' => $outline === null ? null : HullDrawn::of($outline),
            'stations' => array_map(
                static fn (Station $station): array => [
                    'id' => $station->id,
                    'label' => $station->label(),
                    'aboard' => $outline?->holds($station->at()),
                ],
                array_values($boat->stations),
            ),
            'compass' => $boat->compass === null ? null : [
                'at' => [$boat->compass->x, $boat->compass->y],
                'clear_m' => WiresApartAtCompass::APART,
            ],
            'fittings' => array_map(static fn (Fitting $fitting): array => [
                'on' => $fitting->on, 'label' => $fitting->label, 'kind' => $fitting->kind, 'station' => $fitting->station,
                'at' => [
                    $fitting->at->x,
                    $fitting->at->y,
                ], 'size_m' => $fitting->size, 'own_place' => $fitting->hasOwnPlace,
            ], Fitting::allOf($evaluation->boat->plan, $evaluation->boat->words)),
            'ways' => array_map(static fn (Way $way): array => self::way($way, $evaluation), $boat->ways),
            'runs' => array_map(static fn (SizedRun $circuit): array => [
                'id' => $circuit->id, 'label' => $circuit->circuit->label ?? $circuit->id,
                'from' => $circuit->circuit?->from, 'to' => $circuit->circuit?->to,
                'ways' => array_map(static fn (Way $way): string => $way->id, $circuit->circuit->route->ways ?? []),
            ], $evaluation->boat->circuits()),
            'mounting' => array_values(
                array_filter(
                    array_map(
                        static fn (Device $device): ?array => self::mounting($device, $evaluation),
                        array_values($evaluation->boat->plan->devices),
                    ),
                ),
            ),
            'places' => array_map(self::place(...), PlaceCheck::allOf($evaluation)),
            'motor_size' => self::motorSize($evaluation),
            'holes' => array_map(
                static fn (Hole $hole): array => [
                    'id' => $hole->id,
                    'label' => $hole->label(),
                    'drill' => HoleAdvice::drill($hole),
                    'sealant' => HoleAdvice::sealant($hole),
                ],
                array_values($evaluation->boat->plan->holes),
            ),
            'boards' => array_map(
                static fn (Board $board): array => [
                    'id' => $board->id,
                    'label' => $board->label(),
                    'problems' => BoardProblems::of($board),
                ],
                array_values($evaluation->boat->plan->boards),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function way(Way $way, Evaluation $evaluation): array
    {
        $bore = $evaluation->boat->ducts->bore($way);

        return [
            'id' => $way->id,
            'length_m' => $way->length,
            'drawn_m' => MoveOnPlan::drawnLength($evaluation->boat->plan->boat, $way),
            'support_m' => $way->support,
            'pull' => Pull::says($evaluation->boat->plan, $way),
            'cables' => count($evaluation->boat->ducts->in($way)),
            'bore' => $bore === null ? null : self::bore($bore),
        ];
    }

    /** @return array<string, mixed> */
    private static function bore(Bore $bore): array
    {
        $places = Packing::of($bore->diameter, $bore->cables);

        return [
            'diameter_mm' => $bore->diameter,
            'fill_pct' => 100 * $bore->fill(),
            'limit_pct' => 100 * $bore->limit(),
            'room_mm' => $bore->room(),
            'too_full' => $bore->isTooFull(),
            'cables' => array_map(
                static fn (Cable $cable, array $place): array => [
                    'run' => $cable->run,
                    'name' => $cable->name,
                    'diameter_mm' => $cable->diameter,
                    'x_mm' => $place[0],
                    'y_mm' => $place[1],
                ],
                $bore->cables,
                $places,
            ),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function mounting(Device $device, Evaluation $evaluation): ?array
    {
        $checks = MountingCheck::allOf($evaluation->boat->plan, $device, $evaluation->boat->words);

        return $checks === [] ? null : [
            'device' => $device->id, 'label' => $device->label(),
            'checks' => array_map(
                static fn (MountingCheck $check): array => [
                    'field' => $check->field,
                    'asks' => $check->asks,
                    'good' => $check->good,
                    'says' => $check->says,
                    'figures' => (object) $check->figures,
                ],
                $checks,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function place(PlaceCheck $place): array
    {
        return [
            'on' => $place->on, 'label' => $place->label, 'asks' => $place->asks, 'good' => $place->answer->good, 'says' => $place->answer->says,
            'at' => $place->at === null ? null : [$place->at->x, $place->at->y], 'clear_m' => $place->clear,
            'disturbances' => array_map(static fn (Disturbance $disturbance): array => [
                'label' => $disturbance->label, 'amps' => $disturbance->amps,
                'distance_m' => $place->at === null ? null : $disturbance->distanceTo($place->at),
                'lines' => array_map(
                    static fn (Polyline $line): array => HullDrawn::spots($line->spots),
                    $disturbance->lines,
                ),
            ], $place->disturbances),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function motorSize(Evaluation $evaluation): ?array
    {
        $size = MotorSize::of($evaluation);

        return $size === null ? null : [
            'good' => $size->answer->good,
            'says' => $size->answer->says,
            'thrust_n' => $size->thrust,
            'needed_n' => $size->needed,
            'wind_m_s' => $size->wind,
        ];
    }
}
