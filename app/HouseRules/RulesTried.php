<?php

declare(strict_types=1);

namespace App\HouseRules;

use App\Models\Job;
use App\Models\User;
use Dinghy\Evaluation\Consequences;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\Units;

/** House rules tried on the boats that are in, before they are kept. */
final readonly class RulesTried
{
    /** @param  list<array{job: int, boat: string, changes: list<string>}>  $boats those that would change */
    private function __construct(public array $boats)
    {
    }

    public static function on(User $user, ShopRules $rules, ?Units $units): self
    {
        $boats = [];
        foreach (Job::ofShop($user->shop_id)->with(['boat.customer.shop', 'plan'])->get()->sortBy('id') as $job) {
            if ($job->plan === null) {
                continue;
            }
            $changes = Consequences::of(
                self::evaluated($job->judged($job->plan), $units),
                self::evaluated($job->plan->planDocument()->underHouseRules($rules->ofPlans()), $units),
            );
            if (! $changes->none()) {
                $boats[] = ['job' => $job->id, 'boat' => $job->boat->name, 'changes' => $changes->sentences()];
            }
        }

        return new self($boats);
    }

    private static function evaluated(PlanDocument $document, ?Units $units): Evaluation
    {
        return Evaluation::of(Plan::of($document), $units);
    }
}
