<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Circuit\Meter as Probes;
use Dinghy\Circuit\Overload;
use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Illuminate\Console\Command;

final class Meter extends Command
{
    protected $signature = 'dinghy:meter {plan : A plan file}
        {--plus= : Where the red probe goes, as b1+, display- or bow-block+}
        {--minus= : Where the black probe goes}
        {--state=rest : rest, loaded, lowest, cranking, or devices with their share as motor=0.5,display}';

    protected $description = 'Prints the volts that a 10 MΩ meter would show between two points of a boat';

    public function handle(): int
    {
        try {
            $evaluation = resolve(Areas::class)->evaluate(PlanFile::read((string) $this->argument('plan'))->plan());
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        $state = ChosenState::of((string) $this->option('state'), $evaluation);
        if (is_string($state)) {
            return $this->refused($state);
        }
        [$plus, $minus] = [(string) $this->option('plus'), (string) $this->option('minus')];
        foreach (['plus' => $plus, 'minus' => $minus] as $probe => $point) {
            if (! isset($state->network->topology->index[$point])) {
                return $this->refused("--{$probe} takes a post, a plug or a bus of the plan, as ".implode(
                    ', ',
                    array_slice(array_map(strval(...), array_keys($state->network->topology->index)), 0, 4),
                )."; \"{$point}\" is none.");
            }
        }
        if ($state->solved instanceof Overload) {
            return $this->refused("{$state->solved->load} cannot be fed: it asks for {$state->solved->askedAmps} A, the bank can give at most ".number_format($state->solved->mostAmps, 1).' A beside the rest.');
        }
        $reading = Probes::read($state->network, $state->solved, $plus, $minus);
        $this->line($reading->floating ? 'floating: nothing joins these two points' : number_format($reading->volts, 3, '.', '').' V');

        return self::SUCCESS;
    }

    private function refused(string $sentence): int
    {
        $this->components->error($sentence);

        return self::INVALID;
    }
}
