<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Circuit\Solution;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Device;
use Dinghy\Plan\TripPhase;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\Day;
use Dinghy\Trip\DeviceUse;

/** Whether a day brings the boat home: what the way home asks for lasts, and the engine starts when it is to. */
final readonly class Homecoming
{
    /** V that a 12 V starting battery keeps while it cranks [cp] */
    private const CRANKING = 9.6;

    /**
     * @param  list<TripPhase>  $phases  that the day was made of
     * @param  bool  $ran  whether the engine ran already as it began
     */
    public function __construct(private SolvedBoat $boat, private Day $day, private array $phases, private bool $ran = false)
    {
    }

    public function succeeds(): bool
    {
        return $this->missing() === [] && $this->weakStart() === null;
    }

    /** @return list<array{DeviceUse, float}> devices that give out before the way home is done with them, and min from the start until when it asks for them */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->day->devices as $id => $use) {
            $until = $use->outAt === null ? null : $this->neededUntil($id);
            if ($until !== null && $use->outAt < $until) {
                $missing[] = [$use, $until];
            }
        }

        return $missing;
    }

    /** @return bool whether it is asked for to start an engine whose amps nobody has said */
    public function isUntold(): bool
    {
        return $this->boat->plan->boat->engine !== null && $this->boat->plan->boat->engine->crankingAmps === null && $this->starts() !== [];
    }

    /** @return array{Battery, float, float, float}|null the starting battery, its V while it cranks, V that it needs, min from the start; null: the engine starts whenever it is to */
    public function weakStart(): ?array
    {
        $engine = $this->boat->plan->boat->engine;
        if ($engine?->crankingAmps === null) {
            return null;
        }
        $starter = $this->boat->plan->batteries[$engine->battery];
        $least = self::CRANKING * $starter->nominalVolts / 12;
        foreach ($this->starts() as $minute) {
            $volts = $this->crankingAt($minute)?->across($starter);
            if ($volts !== null && $volts < $least) {
                return [$starter, $volts, $least, $minute];
            }
        }

        return null;
    }

    /**
     * @param  float  $minute  min from the start
     * @return Solution|null volts while the engine is cranked then; null: there is none, or the batteries cannot give what is asked for
     */
    public function crankingAt(float $minute): ?Solution
    {
        $charges = $this->day->series->chargesAt($minute);

        return $this->boat->states->cranking(fn (Battery $battery): ?float => isset($charges[$battery->id])
            ? $this->day->batteries[$battery->id]->openVoltsAt($charges[$battery->id])
            : null);
    }

    /**
     * Those of some devices that fall below their minimum while the engine is cranked, each when it first does; what is out already does not
     * restart.
     *
     * @param  array<Device>  $devices
     * @return list<array{Device, float, float}> V, and min from the start
     */
    public function restarts(array $devices): array
    {
        $restarts = [];
        foreach ($devices === [] ? [] : $this->starts() as $minute) {
            $volts = $this->crankingAt($minute);
            foreach ($devices as $key => $device) {
                $at = ($this->day->devices[$device->id]->outAt ?? INF) <= $minute ? null : $volts?->at($device);
                if ($at !== null && $at < $device->minVolts) {
                    unset($devices[$key]);
                    $restarts[] = [$device, $at, $minute];
                }
            }
        }

        return $restarts;
    }

    /** @return list<float> min from the start at which the engine is started */
    private function starts(): array
    {
        [$starts, $begun, $ran] = [[], 0.0, $this->ran];
        foreach ($this->phases as $phase) {
            if ($phase->engine && ! $ran) {
                $starts[] = $begun;
            }
            $ran = $phase->engine;
            $begun += 60 * $phase->hours;
        }

        return $starts;
    }

    /** @return float|null min from the start; null: the way home does without it */
    private function neededUntil(string $device): ?float
    {
        [$ends, $until] = [0.0, null];
        foreach ($this->phases as $phase) {
            $ends += 60 * $phase->hours;
            if ($phase->home && ($phase->on[$device] ?? 0.0) > 0) {
                $until = $ends;
            }
        }

        return $until;
    }
}
