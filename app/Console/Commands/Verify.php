<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Job;
use App\WorkOrders\PlanChain;
use Illuminate\Console\Command;

final class Verify extends Command
{
    protected $signature = 'dinghy:verify {job? : number of the work order; without one, all of them}';

    protected $description = 'Checks that no version of a plan was changed after it was made';

    public function handle(): int
    {
        $number = $this->argument('job');
        $jobs = $number === null ? Job::query()->get() : Job::query()->whereKey($number)->get();
        if ($number !== null && $jobs->isEmpty()) {
            $this->error("There is no work order {$number}.");

            return self::INVALID;
        }
        $whole = true;
        foreach ($jobs as $job) {
            $faults = (new PlanChain($job))->faults();
            $this->line($faults === [] ? "Work order {$job->id}: {$job->planVersions()->count()} versions, whole." : "Work order {$job->id}: broken.");
            foreach ($faults as $fault) {
                $this->error("  {$fault}");
            }
            $whole = $whole && $faults === [];
        }

        return $whole ? self::SUCCESS : self::FAILURE;
    }
}
