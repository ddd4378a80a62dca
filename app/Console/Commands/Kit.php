<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Dinghy\Kit\Kit as BoatKit;
use Dinghy\Kit\KitDocument;
use Dinghy\Rule\Level;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

final class Kit extends Command
{
    protected $signature = 'dinghy:kit {plan : A plan file}
        {--strict : Exit 1 when a stop is found}';

    protected $description = 'Prints what a plan file takes on the bench: every wire with its ends and labels, the list, the cuts, as JSON';

    public function handle(): int
    {
        try {
            $evaluation = resolve(Areas::class)->evaluate(PlanFile::read((string) $this->argument('plan'))->plan());
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        $this->output->writeln(json_encode(
            KitDocument::of($evaluation->boat->figures(BoatKit::class)),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        ), OutputInterface::OUTPUT_RAW);

        return $this->option('strict') && $evaluation->count(Level::Stop) > 0 ? self::FAILURE : self::SUCCESS;
    }
}
