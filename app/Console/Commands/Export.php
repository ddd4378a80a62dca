<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Job;
use App\WorkOrders\PlanExport;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

final class Export extends Command
{
    protected $signature = 'dinghy:export {job : The number of a work order}';

    protected $description = "Prints a work order's newest plan as a plan file";

    public function handle(): int
    {
        $job = Job::query()->find($this->argument('job'));
        $head = $job?->plan;
        if ($job === null || $head === null) {
            $this->components->error("There is no work order {$this->argument('job')} with a plan.");

            return self::FAILURE;
        }
        $this->output->write(PlanExport::of($job, $head)->toPrettyJson(), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
