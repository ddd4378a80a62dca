<?php

declare(strict_types=1);

namespace App\Areas\Day;

use App\WorkOrders\DayInWords;
use App\WorkOrders\DayLines;
use App\WorkOrders\Decisions;
use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Area\Day\Figure\HotSwap;
use Dinghy\Area\Day\Figure\MotorSettings;
use Dinghy\Area\Day\Figure\TurnHome;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\StageState;
use Dinghy\Evaluation\Verdict;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Plan;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\BatteryCharge;
use Dinghy\Trip\Day;
use Dinghy\Trip\DayDocument;
use Dinghy\Trip\DeviceUse;

/** What the stage Day draws. */
final class DayAnswer
{
    /**
     * @param  Evaluation  $evaluation  with what takes longer
     * @return array<string, mixed>
     */
    public static function of(Evaluation $evaluation, Decisions $decisions): array
    {
        $boat = $evaluation->boat;
        $day = $boat->figures(DayFigures::class)->day;
        $turn = $day === null ? null : TurnHome::latest($boat);

        return [
            'says' => $day === null ? self::missing($boat->plan) : DayInWords::of($day, $boat->plan, $boat->words, $turn),
            'turn_home_min' => $turn,
            'verdict' => Verdict::of($evaluation, $decisions->count()),
            'stands' => self::stands($evaluation, $decisions),
            'run' => $day === null ? null : self::run($day, $boat->plan),
            'night' => NightAnswer::of($boat),
            'lay_up' => LayUpAnswer::of($boat),
            'monitors' => MonitorAnswer::of($evaluation),
            'motors' => array_map(static fn (MotorSettings $motor): array => ['id' => $motor->motor->id, 'settings' => $motor->settings], MotorSettings::of($boat->plan)),
            'swaps' => self::swaps($boat),
            ...EvaluationDocument::ofStage($evaluation, 'day'),
        ];
    }

    /** @return list<array<string, mixed>> a second pack joined to each bank as the day leaves it */
    private static function swaps(SolvedBoat $boat): array
    {
        $swaps = array_filter(array_map(static fn (Bank $bank): ?HotSwap => HotSwap::of($boat, $bank), array_values($boat->plan->banks)));

        return array_map(static fn (HotSwap $swap): array => [
            'bank' => $swap->bank->id, 'evening' => $swap->evening, 'amps' => $swap->amps, 'taken_a' => $swap->taken, 'given_a' => $swap->given,
            'leads_a' => $swap->leads, 'fuse_a' => $swap->fuse, 'overloaded' => $swap->overloaded(),
        ], array_values($swaps));
    }

    /** How the stage stands, in a word or two, once the day was run. */
    private static function stands(Evaluation $evaluation, Decisions $decisions): string
    {
        foreach (StageState::allOf($evaluation, $decisions->occasions()) as $state) {
            if ($state->stage->name === 'day') {
                return $state->says;
            }
        }

        throw new \LogicException('The day is no stage.');
    }

    private static function missing(Plan $plan): string
    {
        return $plan->trip === null
            ? 'No day on the water is planned yet: say what it is made of.'
            : 'Nothing aboard feeds anything yet: plan a bank and what hangs on it, at Power.';
    }

    /** @return array<string, mixed> */
    private static function run(Day $day, Plan $plan): array
    {
        $phases = [];
        $at = 0.0;
        foreach ($plan->trip ?? [] as $phase) {
            $phases[] = ['name' => $phase->name, 'at_min' => $at, 'minutes' => 60 * $phase->hours, 'engine' => $phase->engine, 'home' => $phase->home];
            $at += 60 * $phase->hours;
        }

        return [
            'starts_min' => $plan->tripStart,
            'hours' => $day->hours,
            'phases' => $phases,
            'batteries' => array_map(static fn (BatteryCharge $battery): array => [
                ...DayDocument::battery($battery),
                'floor' => $plan->houseRules->floorOf($battery->battery->chemistry),
                'guessed' => $battery->isGuessed,
            ], array_values($day->batteries)),
            'devices' => array_map(static fn (DeviceUse $use): array => [...DayDocument::use($use), 'v_min' => $use->device->minVolts], array_values($day->devices)),
            'energy_wh' => DayDocument::energy($day->energy),
            'worst' => $day->nearestToLeast()?->device->id,
            'series' => DayLines::of($day->series),
        ];
    }
}
