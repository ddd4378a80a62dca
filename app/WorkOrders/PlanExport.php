<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use Dinghy\File\PlanDocument;
use Illuminate\Support\Str;

/** A plan as it leaves the house: the document of one version under a name that says which. */
final class PlanExport
{
    public static function of(Job $job, PlanVersion $version): PlanDocument
    {
        return $version->planDocument()->exportedUnder($job->boat->customer->shop->houseRules()->ofPlans());
    }

    /** Without an ending. */
    public static function fileName(Job $job, PlanVersion $version): string
    {
        return Str::slug($job->boat->name).'-v'.$version->number;
    }
}
