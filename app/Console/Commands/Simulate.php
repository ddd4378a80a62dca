<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Dinghy\Rule\Level;
use Dinghy\Trip\DayDocument;
use Dinghy\Trip\Simulation;
use Illuminate\Console\Command;

final class Simulate extends Command
{
    protected $signature = 'dinghy:simulate {plan : A plan file}
        {--step=60 : Seconds of a step, 1 to 3600}
        {--series : Also print charge and volts step by step}
        {--strict : Exit 1 when a stop is found}';

    protected $description = 'Runs the day on the water that a plan file describes and prints what it came to as JSON';

    public function handle(): int
    {
        $step = filter_var($this->option('step'), FILTER_VALIDATE_FLOAT);
        if ($step === false || $step < 1 || $step > 3600) {
            $this->components->error('--step: expected seconds from 1 to 3600.');

            return self::INVALID;
        }
        try {
            $evaluation = resolve(Areas::class)->evaluate(PlanFile::read((string) $this->argument('plan'))->plan(), whole: true);
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        $day = Simulation::of($evaluation->boat, $step);
        if ($day === null) {
            $this->components->error('/trip/phases: expected a day on the water and a bank that it lives on; the plan has '.($evaluation->boat->plan->trip === null ? 'no day.' : 'no bank.'));

            return self::INVALID;
        }
        PlanFile::answer($this, DayDocument::of($day, (bool) $this->option('series')));

        return $this->option('strict') && $evaluation->count(Level::Stop) > 0 ? self::FAILURE : self::SUCCESS;
    }
}
