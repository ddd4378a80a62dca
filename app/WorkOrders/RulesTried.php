<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\HouseRules\ShopRules;
use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\Shop;
use Dinghy\Evaluation\Consequences;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Quantity\Units;

/** The boats that are in, judged once by the rules that are kept, for others to be tried on. */
final readonly class RulesTried
{
    /** @param  list<array{Job, PlanVersion, Evaluation}>  $boats */
    private function __construct(
        private Shop $shop,
        private array $boats,
        private Units $units,
    ) {
    }

    public static function on(Shop $shop, Units $units): self
    {
        $boats = [];
        foreach (Job::ofShop($shop->id)->with(['boat.customer.shop', 'plan'])->get()->sortBy('id') as $job) {
            if ($job->plan !== null) {
                $boats[] = [$job, $job->plan, $shop->evaluate($job->judged($job->plan), $units)];
            }
        }

        return new self($shop, $boats, $units);
    }

    /** @return list<array{job: int, boat: string, changes: list<string>}> the boats that would change */
    public function by(ShopRules $rules): array
    {
        $changed = [];
        foreach ($this->boats as [$job, $version, $now]) {
            $changes = Consequences::of(
                $now,
                $this->shop->evaluate($version->planDocument()->underHouseRules($rules->ofPlans()), $this->units),
            );
            if (! $changes->none()) {
                $changed[] = ['job' => $job->id, 'boat' => $job->boat->name, 'changes' => $changes->sentences()];
            }
        }

        return $changed;
    }
}
