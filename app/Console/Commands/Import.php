<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use App\WorkOrders\NewJob;
use Dinghy\File\PlanRefused;
use Illuminate\Console\Command;

final class Import extends Command
{
    protected $signature = 'dinghy:import {plan : A plan file} {--customer=Walk-in : Whose boat it is} {--title=Imported plan : What is to be done}';

    protected $description = 'Takes a plan file in as a new work order and prints its number';

    public function handle(): int
    {
        $shop = Shop::query()->first();
        if ($shop === null) {
            $this->components->error('There is no shop yet. Start Dinghy once with bin/start.');

            return self::FAILURE;
        }
        try {
            $job = NewJob::make(
                $shop,
                null,
                (string) $this->option('customer'),
                (string) $this->option('title'),
                null,
                PlanFile::read((string) $this->argument('plan')),
            );
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        $this->line((string) $job->id);

        return self::SUCCESS;
    }
}
