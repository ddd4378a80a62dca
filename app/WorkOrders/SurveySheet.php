<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\Photograph;
use App\Models\PlanVersion;
use Dinghy\Area\Survey\Figure\NeededPhotograph;
use Dinghy\Diagnosis\BatteryJudgement;
use Dinghy\Diagnosis\PathDiagnosis;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Survey\FoundBattery;
use Dinghy\Survey\PathCheck;
use Dinghy\Survey\Photograph as Taken;

/** The boat as it came, on paper: complaints and what to measure, batteries, paths checked, photographs. */
final class SurveySheet
{
    /** Pictures that are printed; the others are listed. */
    private const PRINTED = 12;

    /** mm that a picture is wide on paper */
    private const WIDTH = 56;

    /** @return string the bytes of a PDF */
    public static function pdf(Job $job, PlanVersion $version, Evaluation $evaluation): string
    {
        $survey = $evaluation->boat->plan->survey;
        $taken = array_values($survey->photographs ?? []);

        return (string) SheetPrinter::render('survey-sheet', [
            'job' => $job,
            'version' => $version,
            'plan' => $evaluation->boat->plan,
            'survey' => $survey,
            'words' => $evaluation->boat->words,
            'judged' => array_map(
                static fn (FoundBattery $battery): BatteryJudgement => BatteryJudgement::of(
                    $battery,
                    $survey?->takenOn,
                    $evaluation->boat->words,
                ),
                array_values($survey->batteries ?? []),
            ),
            'checks' => array_map(
                static fn (PathCheck $check): PathDiagnosis => PathDiagnosis::of($check, $evaluation->boat->plan),
                array_values($survey->pathChecks ?? []),
            ),
            'needed' => NeededPhotograph::listFor($evaluation->boat->plan),
            'taken' => $taken,
            'pictures' => $job->photographs()->get(['content', 'thumbnail', 'width', 'height'])->whereIn(
                'content',
                array_map(
                    static fn (Taken $photograph): ?string => $photograph->picture,
                    array_slice($taken, 0, self::PRINTED),
                ),
            )
                ->mapWithKeys(
                    static fn (Photograph $picture): array => [$picture->content => [
                        'data' => 'data:image/jpeg;base64,'.base64_encode($picture->thumbnail),
                        'high_mm' => round(self::WIDTH * $picture->height / $picture->width, 1),
                    ]],
                )->all(),
            'wide' => self::WIDTH,
        ])->output();
    }
}
