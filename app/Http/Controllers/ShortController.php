<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use Dinghy\Area\Power\Figure\ShortCircuitSequence;
use Dinghy\Area\Power\Figure\ShortEvent;
use Dinghy\Evaluation\Evaluation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A dead short at places along a run, and what happens then. */
final class ShortController extends Controller
{
    private const PLACES = 10;

    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $evaluation = self::evaluationOf($job, AskedUnits::of($request));
        $run = $request->string('run')->value();
        $places = [];
        foreach (range(0, self::PLACES) as $place) {
            $short = ShortCircuitSequence::at($evaluation->boat, $run, $place / self::PLACES) ?? abort(
                404,
                'There is nothing to short: the plan has no such run, or its length or bank is not known.',
            );
            $places[] = [
                'along' => $place / self::PLACES,
                'amps' => $short->amps,
                'says' => $short->says($evaluation->boat->words),
                'coordinated' => $short->coordinated,
                'events' => array_map(
                    static fn (ShortEvent $event): array => self::event($event, $evaluation),
                    $short->events,
                ),
            ];
        }

        return response()->json(['run' => $run, 'places' => $places]);
    }

    /** @return array<string, mixed> */
    private static function event(ShortEvent $event, Evaluation $evaluation): array
    {
        $seconds = static fn (float $value): ?float => is_infinite($value) ? null : $value;
        $run = $evaluation->boat->runs[$event->run];

        return [
            'what' => $event->what,
            'part' => $event->part,
            'run' => $event->run,
            'label' => $run->circuit === null ? 'factory lead' : $run->circuit->label,
            'from_s' => $seconds($event->seconds),
            'to_s' => $seconds($event->surely()),
        ];
    }
}
