<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Area\Rigging\StepsDocument;
use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

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
        $this->output->writeln(json_encode(
            StepsDocument::of($evaluation->boat),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        ), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
