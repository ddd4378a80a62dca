<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use Dinghy\Area\Power\Figure\Plugging;
use Dinghy\Compartment\Compartment;
use Dinghy\Compartment\Point;
use Dinghy\Compartment\PositionedBlock;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Jumper;
use Dinghy\Proposal\Rearrange;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Wiring\ConnectionOrder;
use Dinghy\Wiring\ConnectionStep;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * A bank on the bench: where its blocks stand, what its plugging does, in which order it is connected, what else it
 * could be.
 */
final class BenchController extends Controller
{
    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $evaluation = self::evaluationOf($job, AskedUnits::of($request));
        $bank = $evaluation->boat->plan->banks[$request->string('bank')->value()] ?? abort(
            404,
            'The plan has no such bank.',
        );
        $chargerFirst = match ($request->string('first')->value()) {
            'charger' => true,
            'jumpers' => false,
            default => $evaluation->boat->plan->houseRules->chargerFirst,
        };
        $compartment = Compartment::of($evaluation->boat->plan, $bank);
        $plugging = Plugging::of($evaluation->boat, $bank);

        return response()->json([
            'bank' => $bank->id,
            'station' => $bank->strings[0][0]->station,
            'inside_mm' => $compartment->inside,
            'fits' => $compartment->inside === null ? null : $compartment->fits(),
            'says' => $compartment->says($evaluation->boat->plan, $bank, $evaluation->boat->words),
            'blocks' => array_map(
                static fn (PositionedBlock $block): array => self::block($block, $evaluation->boat->words, $bank),
                array_values($compartment->blocks),
            ),
            'neighbours' => array_map(
                static fn (PositionedBlock $block): array => self::outline($block),
                $compartment->neighbours,
            ),
            'wires' => array_map(static fn (Jumper $wire): array => [
                'id' => $wire->id, 'from' => $wire->from->name, 'to' => $wire->to->name, 'gauge' => $wire->gauge->name, 'length_m' => $wire->length,
                'drawn_m' => $compartment->jumperLength($wire), 'amps' => $plugging->amps[$wire->id] ?? null,
            ], $compartment->wires),
            'crossings' => $compartment->crossings(),
            'does' => $plugging->says === [] ? [Plugging::quiet($evaluation->boat->words)] : $plugging->says,
            'sound' => $plugging->says === [],
            'first' => $chargerFirst ? 'charger' : 'jumpers',
            'order' => array_map(static fn (ConnectionStep $step): array => [
                'says' => $step->says,
                'post' => $step->post?->name,
                'wire' => $step->wire,
                'volts' => $step->volts,
                'caution' => $step->caution,
            ],
                ConnectionOrder::of($evaluation->boat->plan, $bank, $evaluation->boat->words, $chargerFirst)),
            'ways' => array_map(static fn (array $way): array => [
                'series' => $way[0], 'parallel' => $way[1], 'volts' => $way[0] * $bank->batteries()[0]->nominalVolts, 'now' => count($bank->strings[0]) === $way[0],
            ], Rearrange::ways($bank)),
        ]);
    }

    /** @return array<string, mixed> */
    private static function block(PositionedBlock $block, QuantityFormatter $words, Bank $bank): array
    {
        return [
            ...self::outline($block),
            'number' => $bank->numberOf($block->battery, $words->countedFrom),
            'kind' => $block->battery->chemistry->label().' '.QuantityFormatter::trim(
                $block->battery->capacityAh,
                1,
            ).' Ah',
            'size_known' => $block->battery->size !== null,
            'plus' => self::point($block->plus()),
            'minus' => self::point($block->minus()),
        ];
    }

    /** @return array<string, mixed> */
    private static function outline(PositionedBlock $block): array
    {
        return [
            'battery' => $block->battery->id, 'x_mm' => $block->position->x, 'y_mm' => $block->position->y, 'turned' => $block->position->turned,
            'width_mm' => $block->width, 'depth_mm' => $block->depth,
        ];
    }

    /** @return array{x: float, y: float} */
    private static function point(Point $point): array
    {
        return ['x' => $point->x, 'y' => $point->y];
    }
}
