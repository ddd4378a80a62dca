<?php

declare(strict_types=1);

namespace Dinghy\Area\Day;

use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Area\Day\Format\DaySection;
use Dinghy\Area\Day\Rule\BankBelowFloor;
use Dinghy\Area\Day\Rule\BrownOutOnTheWay;
use Dinghy\Area\Day\Rule\FlatWhenLaidUp;
use Dinghy\Area\Day\Rule\FullByMorning;
use Dinghy\Area\Day\Rule\TapUnbalances;
use Dinghy\Area\Day\Rule\TooLittleToGetHome;
use Dinghy\Evaluation\Area;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/** The day on the water: how long it lasts, and what gives out first. */
final class DayArea extends Area
{
    public function stage(): Stage
    {
        return new Stage('day', 'Day');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->trip !== null;
    }

    public function section(): DaySection
    {
        return new DaySection;
    }

    public function lateHeadlines(SolvedBoat $boat): array
    {
        $out = $boat->figures(DayFigures::class)->day?->firstOut();

        return $out?->outAt === null ? [] : ["{$out->device->label()} out at {$boat->words->clock($boat->plan->tripStart + $out->outAt)}."];
    }

    public function lateRules(): array
    {
        return [new TapUnbalances, new FlatWhenLaidUp, new BrownOutOnTheWay, new BankBelowFloor, new FullByMorning, new TooLittleToGetHome];
    }
}
