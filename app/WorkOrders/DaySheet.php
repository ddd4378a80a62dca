<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Area\Day\Figure\LayUpFigures;
use Dinghy\Area\Day\Figure\NightFigures;
use Dinghy\Area\Day\Figure\TurnHome;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Monitor\MonitorSetup;
use Dinghy\Plan\Bank;
use Dinghy\Rule\Finding;

/** The day on paper: the strip, its table, the night after it, what each monitor is told, and how long she may lie. */
final class DaySheet
{
    /** @return string|null the bytes of a PDF; null: there is no day to print */
    public static function pdf(Job $job, PlanVersion $version, Evaluation $evaluation): ?string
    {
        $boat = $evaluation->boat;
        $day = $boat->figures(DayFigures::class)->day;
        if ($day === null) {
            return null;
        }
        $book = $evaluation->areas->rulebook;

        return (string) SheetPrinter::render('day-sheet', [
            'job' => $job,
            'version' => $version,
            'boat' => $boat,
            'plan' => $boat->plan,
            'words' => $boat->words,
            'day' => $day,
            'strip' => DayStripPrint::of($day, $boat->plan, $boat->words),
            'says' => DayInWords::of($day, $boat->plan, $boat->words, TurnHome::latest($boat)),
            'findings' => array_filter($evaluation->whole()->findings, static fn (Finding $finding): bool => $book->stageOf($finding->rule)->name === 'day'),
            'night' => $boat->figures(NightFigures::class)->night,
            'layUp' => $boat->figures(LayUpFigures::class),
            'monitors' => array_map(static fn (Bank $bank): array => [$bank, MonitorSetup::of($bank, $boat->plan->houseRules)], array_values($boat->plan->banks)),
        ])->output();
    }
}
