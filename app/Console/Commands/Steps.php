<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Area\Rigging\StepsDocument;
use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Illuminate\Console\Command;

final class Steps extends Command
{
    protected $signature = 'dinghy:steps {plan : A plan file}';

    protected $description = 'Prints the work on a plan file step by step, in an order in which it can be done, as JSON';

    public function handle(): int
    {
        try {
            $evaluation = resolve(Areas::class)->evaluate(PlanFile::read((string) $this->argument('plan'))->plan());
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        PlanFile::answer($this, StepsDocument::of($evaluation->boat));

        return self::SUCCESS;
    }
}
