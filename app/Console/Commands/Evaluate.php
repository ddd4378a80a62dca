<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanRefused;
use Dinghy\Rule\Level;
use Illuminate\Console\Command;

final class Evaluate extends Command
{
    protected $signature = 'dinghy:evaluate {plan : A plan file} {--strict : Exit 1 when a stop is found}';

    protected $description = 'Evaluates a plan file and prints the evaluation as JSON';

    public function handle(): int
    {
        try {
            $evaluation = Evaluation::of(Plan::of(PlanFile::read((string) $this->argument('plan'))));
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        $this->output->writeln(json_encode(
            EvaluationDocument::of($evaluation),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        ), \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);

        return $this->option('strict') && $evaluation->count(Level::Stop) > 0 ? self::FAILURE : self::SUCCESS;
    }
}
