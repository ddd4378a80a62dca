<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Day;

use Dinghy\Area\Day\Fit\BankAmps;
use Dinghy\Area\Day\Fit\LogFit;
use Dinghy\File\PlanDocument;
use Dinghy\Monitor\LogForm;
use Dinghy\Monitor\LogTable;
use Dinghy\Monitor\MonitorLog;
use Dinghy\Plan\TripPhase;
use Dinghy\Tests\Plans;
use Dinghy\Trip\Simulation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Logs that are written from a day with other shares than the plan has: the fit finds those shares again. */
final class LogFitTest extends TestCase
{
    /** @param  array<int, float>  $shares  of the motor, by phase */
    #[DataProvider('days')]
    public function test_the_shares_that_were_really_used(string $boat, string $bank, string $motor, array $shares): void
    {
        $document = Plans::demo("boats/{$boat}");
        $trip = $document->plan()->trip ?? [];
        $real = array_map(static fn (TripPhase $phase, int $at): TripPhase => isset($shares[$at]) ? $phase->with([$motor => $shares[$at]]) : $phase, $trip, array_keys($trip));
        $fit = self::fit($document, $bank, self::log($document, $real, $bank));
        foreach ($shares as $at => $share) {
            self::assertEqualsWithDelta($share, $fit->fitted[$at]->on[$motor], 0.01, $trip[$at]->name);
            self::assertEqualsWithDelta($fit->phases[$at]->measured ?? 0, $fit->phases[$at]->fitted, 0.02 * ($fit->phases[$at]->measured ?? 1));
        }
        self::assertLessThan(0.25 * $fit->before, $fit->residual);
    }

    /** @return array<string, array{string, string, string, array<int, float>}> */
    public static function days(): array
    {
        return [
            'a motor on a series bank, out and back faster' => ['skiff', 'thrust', 'motor', [0 => 0.95, 1 => 0.42, 2 => 0.9]],
            'two parallel strings' => ['catamaran', 'thrust', 'motor', [0 => 0.3, 1 => 0.85]],
        ];
    }

    /** 100 Ah and 4 A for an hour that were really 6 A: half as much again of the pump, and nothing is left. */
    public function test_by_hand(): void
    {
        $document = Plans::changed(Plans::pump(), ['device:d1' => ['typical_a' => 8, 'load' => 'current'], 'plan' => ['trip' => ['ambient_c' => 25, 'phases' => [['name' => 'pumping', 'hours' => 1, 'on' => ['d1' => 0.5]]]]]]);
        $fit = self::fit($document, 'house', self::read("time,amps,volts\n06:00,6,12.5\n06:30,6,12.5\n07:00,6,12.5\n"));
        self::assertSame(['d1' => [0.5, 0.75]], $fit->phases[0]->shares);
        self::assertEqualsWithDelta(2.0, $fit->before, 1e-6);
        self::assertEqualsWithDelta(0.0, $fit->residual, 0.01);
    }

    /** More than everything at full: the share stays at one, and the rest is told. */
    public function test_what_no_share_explains_is_left(): void
    {
        $document = Plans::changed(Plans::pump(), ['device:d1' => ['typical_a' => 8, 'load' => 'current'], 'plan' => ['trip' => ['ambient_c' => 25, 'phases' => [['hours' => 1, 'on' => ['d1' => 0.5]]]]]]);
        $fit = self::fit($document, 'house', self::read("time,amps,volts\n06:00,11,12.5\n07:00,11,12.5\n"));
        self::assertEqualsWithDelta(1.0, $fit->fitted[0]->on['d1'], 1e-9);
        self::assertEqualsWithDelta(3.0, $fit->residual, 0.01);
    }

    /** A log of the last half hour alone changes the phase that it is of. */
    public function test_a_phase_that_the_log_has_nothing_of_stays(): void
    {
        $document = Plans::changed(Plans::pump(), ['device:d1' => ['typical_a' => 8, 'load' => 'current'], 'plan' => ['trip' => ['ambient_c' => 25, 'phases' => [['hours' => 1, 'on' => ['d1' => 0.5]], ['hours' => 1, 'on' => ['d1' => 0.5]]]]]]);
        $boat = Plans::evaluate($document)->boat;
        $fit = LogFit::of($boat, $document->plan()->trip ?? [], $document->plan()->banks['house'], self::read("time,amps,volts\n07:30,2,12.5\n08:00,2,12.5\n"), 90);
        self::assertSame([null, []], [$fit->phases[0]->measured, $fit->phases[0]->shares]);
        self::assertEqualsWithDelta(0.25, $fit->fitted[1]->on['d1'], 0.002);
    }

    private static function fit(PlanDocument $document, string $bank, MonitorLog $log): LogFit
    {
        return LogFit::of(Plans::evaluate($document)->boat, $document->plan()->trip ?? [], $document->plan()->banks[$bank], $log, 0);
    }

    /** @param  list<TripPhase>  $trip */
    private static function log(PlanDocument $document, array $trip, string $bank): MonitorLog
    {
        $day = Simulation::through(Plans::evaluate($document)->boat, $trip);
        $amps = new BankAmps($day, $document->plan()->banks[$bank]);
        $lines = [];
        for ($minute = 0; $minute <= 60 * $day->hours; $minute++) {
            $lines[] = sprintf('%02d:%02d,%.3f,12.5', 6 + intdiv($minute, 60), $minute % 60, $amps->at($minute));
        }

        return self::read("time,amps,volts\n".implode("\n", $lines));
    }

    private static function read(string $text): MonitorLog
    {
        $table = LogTable::of($text);

        return MonitorLog::of($table, LogForm::guessed($table));
    }
}
