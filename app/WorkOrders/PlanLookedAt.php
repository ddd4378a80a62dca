<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use Dinghy\Evaluation\Consequences;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Verdict;
use Dinghy\File\PatchWords;
use Dinghy\File\PlanDifference;
use Dinghy\File\PlanDocument;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;

/** Another plan beside the one that stands: what it holds, what it comes to, and what would be otherwise. */
final class PlanLookedAt
{
    /**
     * @return array<string, mixed>
     *
     * @throws \Dinghy\File\PlanRefused
     */
    public static function beside(Job $job, PlanVersion $head, PlanDocument $other, ?Units $units): array
    {
        $shop = $job->boat->customer->shop;
        $after = $shop->evaluate($other->underHouseRules($shop->houseRules()->ofPlans()), $units);
        $formatter = new QuantityFormatter($units ?? Units::Metric);
        $difference = PlanDifference::between($head->planDocument(), $other);

        return [
            'base' => $head->number,
            'plan' => $other,
            'evaluation' => EvaluationDocument::of($after),
            'verdict' => Verdict::of($after, Decisions::of($job, $after)->count()),
            'otherwise' => $difference === null ? [] : (new PatchWords($other->words($formatter)))->lines($difference, $head->planDocument(), $other),
            'changes' => Consequences::of($shop->evaluate($job->judged($head), $units), $after)->sentences(),
        ];
    }
}
