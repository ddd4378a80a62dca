<?php

declare(strict_types=1);

namespace App\Areas\Survey;

use App\Models\Job;
use App\Models\Photograph;
use Dinghy\Area\Survey\Figure\NeededPhotograph;
use Dinghy\Diagnosis\BatteryJudgement;
use Dinghy\Diagnosis\PathDiagnosis;
use Dinghy\Diagnosis\PathWords;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Remedies;
use Dinghy\File\PlanDocument;
use Dinghy\Rule\Remedy;
use Dinghy\Survey\ComplaintKind;
use Dinghy\Survey\FoundBattery;
use Dinghy\Survey\PathCheck;

/**
 * What the survey of a boat comes to: what to measure, which batteries are kept, what explains the volts that are lost.
 */
final class SurveyAnswer
{
    /** @return array<string, mixed> */
    public static function of(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        $remedies = new Remedies($judged, $evaluation);
        $survey = $evaluation->boat->plan->survey;

        return [
            'kinds' => array_map(
                static fn (ComplaintKind $kind): array => [
                    'kind' => $kind->value,
                    'label' => $kind->label(),
                    'measures' => $kind->measures(),
                    'path_check' => $kind->asksForPathCheck(),
                ],
                ComplaintKind::cases(),
            ),
            'batteries' => array_map(
                static fn (FoundBattery $battery): array => self::battery($battery, $evaluation),
                array_values($survey->batteries ?? []),
            ),
            'checks' => array_map(
                static fn (PathCheck $check): array => self::check($check, $evaluation, $remedies),
                array_values($survey->pathChecks ?? []),
            ),
            'needed' => array_map(
                static fn (NeededPhotograph $photograph): array => [
                    'of' => $photograph->of,
                    'label' => $photograph->label,
                    'taken' => $photograph->taken,
                ],
                NeededPhotograph::listFor($evaluation->boat->plan),
            ),
            'pictures' => $job->photographs()->get(['content', 'width', 'height'])->map(
                static fn (Photograph $picture): array => [
                    'content' => $picture->content,
                    'width' => $picture->width,
                    'height' => $picture->height,
                ],
            )->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function battery(FoundBattery $battery, Evaluation $evaluation): array
    {
        $judged = BatteryJudgement::of($battery, $evaluation->boat->plan->survey?->takenOn, $evaluation->boat->words);

        return [
            'id' => $battery->id, 'label' => $battery->label(), 'verdict' => $judged->verdict, 'because' => $judged->because,
            'charge' => $judged->charge, 'usable_ah' => $judged->usableAh, 'internal_mohm' => $judged->ohms === null
                ? null
                : 1000 * $judged->ohms,
        ];
    }

    /** @return array<string, mixed> */
    private static function check(PathCheck $check, Evaluation $evaluation, Remedies $remedies): array
    {
        $diagnosis = PathDiagnosis::of($check, $evaluation->boat->plan);
        $renewed = $check->renewedBy === null
            ? null
            : $evaluation->boat->runs[$check->renewedBy]->circuit->label ?? null;
        $fault = $diagnosis->faults[0] ?? null;

        return [
            'id' => $check->id, 'label' => $check->label(), 'cause' => $diagnosis->cause->value, 'found' => $diagnosis->cause->label(),
            'figures' => $fault === null ? null : PathWords::figures($fault, $evaluation->boat->words),
            'says' => PathWords::of($diagnosis, $evaluation->boat->words), 'where' => $diagnosis->where,
            'remedy' => $fault === null ? null : PathWords::remedy($fault, $evaluation->boat->words),
            'next' => PathWords::next($diagnosis),
            'patch' => self::offered("check:{$check->id}", $evaluation, $remedies)?->patch->toJson(),
            'renewed_by' => $renewed,
            'amps_a' => $diagnosis->amps, 'lost_v' => $diagnosis->lost, 'limit_v' => $diagnosis->limitVolts,
            'path_mohm' => $diagnosis->pathOhms === null ? null : 1000 * $diagnosis->pathOhms,
            'wire_mohm' => $diagnosis->wireOhms === null ? null : 1000 * $diagnosis->wireOhms,
        ];
    }

    /** @param  string  $on  kind:id */
    private static function offered(string $on, Evaluation $evaluation, Remedies $remedies): ?Remedy
    {
        foreach ($evaluation->findings as $finding) {
            if ($finding->on === $on) {
                return $remedies->of($finding);
            }
        }

        return null;
    }
}
