<?php

declare(strict_types=1);

namespace Dinghy\Area\Survey;

use Dinghy\Area\Survey\Figure\NeededPhotograph;
use Dinghy\Area\Survey\Format\SurveySection;
use Dinghy\Area\Survey\Rule\FoundPathAtFault;
use Dinghy\Area\Survey\Rule\PhotographsMissing;
use Dinghy\Evaluation\Area;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/** The boat as she came: complaints, batteries found, photographs, paths checked. */
final class SurveyArea extends Area
{
    public function stage(): Stage
    {
        return new Stage('survey', 'Survey');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->survey !== null;
    }

    public function section(): SurveySection
    {
        return new SurveySection;
    }

    public function rules(): array
    {
        return [
            new FoundPathAtFault,
            new PhotographsMissing,
        ];
    }

    public function leftToDo(SolvedBoat $boat): ?string
    {
        $missing = count(NeededPhotograph::missingOf(NeededPhotograph::listFor($boat->plan)));

        return $missing === 0 ? null : "{$missing} to photograph";
    }
}
