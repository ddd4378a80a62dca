<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Circuit\State;
use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

final class Netlist extends Command
{
    protected $signature = 'dinghy:netlist {plan : A plan file} {--state=loaded : rest, loaded, lowest or cranking}';

    protected $description = "Prints a plan's circuit as a SPICE netlist that ngspice runs as it is";

    public function handle(): int
    {
        $state = State::tryFrom((string) $this->option('state'));
        if ($state === null) {
            $this->components->error('--state takes rest, loaded, lowest or cranking.');

            return self::INVALID;
        }
        try {
            $evaluation = resolve(Areas::class)->evaluate(PlanFile::read((string) $this->argument('plan'))->plan());
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        $this->output->write($evaluation->boat->states->netlist($state), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
