<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Fit;

use Dinghy\Monitor\MonitorLog;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\TripPhase;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\Day;
use Dinghy\Trip\Simulation;
use Dinghy\Trip\TripDraw;
use Dinghy\Wiring\Path;

/**
 * A planned day fitted to what a monitor at a bank wrote down: in each phase the shares of what may differ, motors before all else, are
 * changed by one factor until the bank gives on average what was measured. One current cannot tell two devices apart.
 */
final readonly class LogFit
{
    /** times that it is simulated again: what devices draw changes little with the volts */
    private const ROUNDS = 3;

    private const BISECTIONS = 40;

    /** s of a step meanwhile */
    private const STEP = 300.0;

    /**
     * @param  list<PhaseFit>  $phases
     * @param  list<TripPhase>  $fitted  the day with the shares fitted
     * @param  float  $residual  A, root of the mean square of what is left between log and fitted day
     * @param  float  $before  A, the same of the planned day
     */
    private function __construct(public array $phases, public array $fitted, public Day $day, public float $residual, public float $before)
    {
    }

    /**
     * @param  list<TripPhase>  $trip  as planned
     * @param  float  $begins  min from the day's start at which the log begins; below zero: before it
     */
    public static function of(SolvedBoat $boat, array $trip, Bank $bank, MonitorLog $log, float $begins): self
    {
        $planned = Simulation::through($boat, $trip, self::STEP);
        [$fitted, $day] = [$trip, $planned];
        $measured = array_map(static fn (array $span): ?float => $log->meanAmps($span[0] - $begins, $span[1] - $begins), self::spans($trip));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $amps = new BankAmps($day, $bank);
            $next = [];
            foreach (self::spans($trip) as $at => [$from, $to]) {
                $next[] = $measured[$at] === null ? $trip[$at] : self::fit($boat, $bank, $trip[$at], $fitted[$at], $amps->mean($from, $to), $measured[$at]);
            }
            $fitted = $next;
            $day = Simulation::through($boat, $fitted, self::STEP);
        }
        [$before, $after] = [new BankAmps($planned, $bank), new BankAmps($day, $bank)];
        $phases = [];
        foreach (self::spans($trip) as $at => [$from, $to]) {
            $shares = [];
            foreach ($fitted[$at]->on as $device => $share) {
                $was = $trip[$at]->on[$device] ?? 0.0;
                abs($share - $was) > 1e-9 && $shares[$device] = [$was, $share];
            }
            $phases[] = new PhaseFit($trip[$at]->name, $measured[$at], $before->mean($from, $to), $after->mean($from, $to), $shares);
        }

        return new self($phases, $fitted, $day, self::residual($log, $after, $begins, 60 * $day->hours), self::residual($log, $before, $begins, 60 * $day->hours));
    }

    /**
     * @param  list<TripPhase>  $trip
     * @return list<array{float, float}> min from the start at which each phase begins and ends
     */
    private static function spans(array $trip): array
    {
        [$spans, $begun] = [[], 0.0];
        foreach ($trip as $phase) {
            $spans[] = [$begun, $begun += 60 * $phase->hours];
        }

        return $spans;
    }

    /** @param  float  $simulated  A that the bank gave with the shares of the last round */
    private static function fit(SolvedBoat $boat, Bank $bank, TripPhase $planned, TripPhase $last, float $simulated, float $measured): TripPhase
    {
        $perDevice = self::perDevice($boat, $bank);
        $may = self::mayDiffer($boat, $planned, $perDevice);
        $nominal = self::asked($boat, $last, $perDevice);
        // What is charged while the engine runs tells nothing of what is drawn.
        if ($may === [] || $nominal <= 0 || $simulated <= 0 || $measured < 0) {
            return $planned;
        }
        $wanted = $measured * $nominal / $simulated;
        [$low, $high] = [0.0, 1 / max($may)];
        for ($i = 0; $i < self::BISECTIONS; $i++) {
            $middle = ($low + $high) / 2;
            self::asked($boat, $planned->with(self::times($may, $middle)), $perDevice) > $wanted ? $high = $middle : $low = $middle;
        }

        return $planned->with(array_map(static fn (float $share): float => round(min(1.0, $share), 3), self::times($may, ($low + $high) / 2)));
    }

    /** @return array<string, float> A at the bank for each that a device of it draws */
    private static function perDevice(SolvedBoat $boat, Bank $bank): array
    {
        $per = [];
        foreach ($boat->wiring->paths as $path) {
            if ($path->bank()->id === $bank->id) {
                $per[$path->device->id] = self::share($boat, $path->device, $bank) * $path->ampsAtBank();
            }
        }

        return $per;
    }

    /** Of what a device draws that comes from a bank, where others feed it too. */
    private static function share(SolvedBoat $boat, Device $device, Bank $bank): float
    {
        $all = $boat->wiring->pathsTo($device);
        $own = array_filter($all, static fn (Path $path): bool => $path->bank()->id === $bank->id);

        return $all === [] ? 0.0 : count($own) / count($all);
    }

    /**
     * Motors that are on; where none is, whatever is.
     *
     * @param  array<string, float>  $perDevice
     * @return array<string, float> share by device
     */
    private static function mayDiffer(SolvedBoat $boat, TripPhase $phase, array $perDevice): array
    {
        $on = array_filter(array_intersect_key($phase->on, $perDevice), static fn (float $share): bool => $share > 0);
        $motors = array_filter($on, static fn (string $id): bool => ($boat->plan->consumers[$id] ?? null)?->isMotor() === true, ARRAY_FILTER_USE_KEY);

        return $motors === [] ? $on : $motors;
    }

    /** @param  array<string, float>  $perDevice */
    private static function asked(SolvedBoat $boat, TripPhase $phase, array $perDevice): float
    {
        $sum = 0.0;
        foreach ($perDevice as $id => $per) {
            $sum += $per * TripDraw::amps($phase, $boat->plan->consumers[$id]);
        }

        return $sum;
    }

    /**
     * @param  array<string, float>  $shares
     * @return array<string, float>
     */
    private static function times(array $shares, float $factor): array
    {
        return array_map(static fn (float $share): float => $share * $factor, $shares);
    }

    private static function residual(MonitorLog $log, BankAmps $amps, float $begins, float $ends): float
    {
        [$sum, $minutes] = [0.0, 0.0];
        foreach ($log->intervals(-$begins, $ends - $begins) as [$measured, $lasts, $at]) {
            $sum += ($measured - $amps->at($begins + $at)) ** 2 * $lasts;
            $minutes += $lasts;
        }

        return $minutes > 0 ? sqrt($sum / $minutes) : 0.0;
    }
}
