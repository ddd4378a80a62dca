<?php

declare(strict_types=1);

namespace App\Metering;

use App\Models\Job;
use Dinghy\Area\Rigging\Act;
use Dinghy\Circuit\State;
use Dinghy\Metering\Measurement;
use Dinghy\Metering\MeterPoints;
use Dinghy\Metering\MeterRange;
use Dinghy\Metering\Probe;
use Dinghy\Metering\Reading;
use Dinghy\Metering\RestWalk;
use Dinghy\Solving\SolvedBoat;

/** What was read of a boat before: what later readings go by. */
final readonly class KnownReadings
{
    /** that a block rests as it was read [common practice, no source] */
    private const DAYS = 14;

    /** entries back that a meter's own fault is looked for in */
    private const BACK = 6;

    public function __construct(private Job $job)
    {
    }

    /** @return array<string, float> V by battery: the latest across its own posts, where it was right and is not old */
    public function rested(SolvedBoat $boat): array
    {
        $rest = $boat->states->in(State::Rest);
        $newest = $this->newest();
        $rested = [];
        foreach ($rest === null || $newest === [] ? [] : MeterPoints::of($boat->wiring, $rest, $boat->words) as $point) {
            $volts = $newest[$point->id] ?? null;
            if (is_numeric($volts) && isset($boat->plan->batteries[$point->id]) && $point->accepts((float) $volts)) {
                $rested[$point->id] = (float) $volts;
            }
        }

        return $rested;
    }

    /**
     * @param  string  $but  id of the point that is read now
     * @return list<Reading> the latest at each other point at rest
     */
    public function earlierAtRest(SolvedBoat $boat, string $but): array
    {
        $newest = $this->newest();
        $readings = [];
        foreach ($newest === [] ? [] : RestWalk::of($boat, []) as $point) {
            $volts = $newest[$point->of->id] ?? null;
            if ($point->of->id !== $but && is_numeric($volts)) {
                $readings[] = new Reading($point->of, (float) $volts);
            }
        }

        return $readings;
    }

    /** @return array<array-key, mixed> V by meter point, of those that later ones may still go by */
    private function newest(): array
    {
        $readings = $this->job->readings();
        $readings->where('taken_at', '>=', now()->subDays(self::DAYS));
        $readings->orderBy('id');

        return $readings->pluck('volts', 'meter_point')->all();
    }

    /** @return list<Reading> the latest that were taken at steps of the work */
    public function earlier(): array
    {
        $entries = $this->job->workEntries();
        $entries->where('act', Act::Done->value);
        $entries->whereNotNull('content->measured');
        $entries->orderByDesc('id');
        $entries->limit(self::BACK);
        $nowhere = new Probe(null, '');
        $readings = [];
        foreach ($entries->get() as $entry) {
            foreach (MeasuredContent::of($entry) as [$says, $quantity, $expect, $value]) {
                $readings[] = new Reading(new Measurement($says, $quantity, $says, $nowhere, $nowhere, $expect, $value, $value, MeterRange::Volts20, ''), $value);
            }
        }

        return $readings;
    }
}
