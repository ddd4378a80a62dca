<?php

declare(strict_types=1);

namespace Dinghy\Area\Power;

use Dinghy\Area\Power\Rule\BelowMinimumUnderLoad;
use Dinghy\Area\Power\Rule\CrankingBrownOut;
use Dinghy\Area\Power\Rule\ScreenDips;
use Dinghy\Battery\Peukert;
use Dinghy\Circuit\State;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\DeviceKind;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Source\Formula;

/** What a way of supplying the electronics comes to: the figures that riggers compare. */
final readonly class SupplyFigures
{
    /**
     * @param  float|null  $atRest  V at the lowest screen
     * @param  float|null  $everythingOn  V
     * @param  float|null  $cranking  V; null: no starter is planned
     * @param  float|null  $hours  h from full to the floor of the first bank to give out, electronics at their typical current
     * @param  float|null  $kilograms  kg of all batteries
     */
    private function __construct(
        public ?float $atRest,
        public ?float $everythingOn,
        public ?float $cranking,
        public ?float $hours,
        public ?float $kilograms,
        public int $stops,
        public int $decisions,
        public int $brownOuts,
    ) {
    }

    public static function of(Evaluation $evaluation): self
    {
        $kilograms = 0.0;
        foreach ($evaluation->boat->plan->banks as $bank) {
            $kilograms = $bank->kilograms() === null || $kilograms === null ? null : $kilograms + $bank->kilograms();
        }

        return new self(
            self::lowestScreen($evaluation, State::Rest),
            self::lowestScreen($evaluation, State::Loaded),
            $evaluation->boat->plan->boat->engine?->crankingAmps === null ? null : self::lowestScreen($evaluation, State::Cranking),
            self::hours($evaluation),
            $kilograms,
            $evaluation->count(Level::Stop),
            $evaluation->count(Level::Warn),
            count(array_filter($evaluation->findings, self::isBrownOut(...))),
        );
    }

    /** Whether it speaks of a screen that restarts, or may. */
    public static function isBrownOut(Finding $finding): bool
    {
        return $finding->rule->isOf(new CrankingBrownOut) || $finding->rule->isOf(new BelowMinimumUnderLoad) || $finding->rule->isOf(new ScreenDips);
    }

    private static function lowestScreen(Evaluation $evaluation, State $state): ?float
    {
        $solved = $evaluation->boat->states->in($state);
        $lowest = null;
        foreach ($evaluation->boat->plan->devices as $device) {
            $volts = $device->kind === DeviceKind::Display ? $solved?->at($device) : null;
            $lowest = $volts === null ? $lowest : min($lowest ?? INF, $volts);
        }

        return $lowest;
    }

    private static function hours(Evaluation $evaluation): ?float
    {
        $amps = [];
        foreach ($evaluation->boat->wiring->paths as $path) {
            if ($path->device->kind->isElectronics()) {
                $amps[$path->bank()->id] = ($amps[$path->bank()->id] ?? 0.0) + $path->device->typicalAmps * $path->ampsAtBank();
            }
        }
        $least = null;
        foreach ($amps as $id => $drawn) {
            $bank = $evaluation->boat->plan->banks[$id];
            $battery = $bank->batteries()[0];
            $floor = $evaluation->boat->plan->houseRules->floorOf($battery->chemistry);
            $hours = $floor === null || $drawn <= 0 ? null : $battery->hoursToFloor(
                $drawn / count($bank->strings),
                $floor,
                $evaluation->boat->plan->tripCelsius,
            );
            $least = $hours === null ? $least : min($least ?? INF, $hours);
        }

        return $least;
    }

    public static function screenFormula(): Formula
    {
        return Formula::ofPractice(
            'circuit of the whole boat solved in that state; the lowest of all displays',
            "nodal analysis; contacts and batteries' inside are working estimates",
        );
    }

    public static function hoursFormula(): Formula
    {
        $peukert = Peukert::formula();

        return new Formula(
            "{$peukert->says}, down to the house rule's floor of charge; the first bank to give out counts",
            $peukert->source,
            $peukert->mark,
        );
    }

    public static function massFormula(): Formula
    {
        return Formula::ofPractice("Σ of the batteries' own mass", "the parts' own figures");
    }

    public static function findingsFormula(): Formula
    {
        return Formula::ofPractice(
            'findings of the whole rulebook on the boat as it would be',
            'the rulebook; each finding has its own source',
        );
    }
}
