<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Circuit\Overload;
use Dinghy\Evaluation\Areas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Remedies;
use Dinghy\File\PlanRefused;
use Dinghy\Rule\Level;
use Illuminate\Console\Command;

final class Evaluate extends Command
{
    protected $signature = 'dinghy:evaluate {plan : A plan file}
        {--strict : Exit 1 when a stop is found}
        {--state= : Also print the volts in this state: rest, loaded, lowest, cranking, or devices with their share as motor=0.5,display}';

    protected $description = 'Evaluates a plan file and prints the evaluation as JSON';

    public function handle(): int
    {
        try {
            $read = PlanFile::read((string) $this->argument('plan'));
            $evaluation = resolve(Areas::class)->evaluate($read->plan(), whole: true);
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        $document = EvaluationDocument::of($evaluation, new Remedies($read, $evaluation));
        if ($this->option('state') !== null) {
            $state = ChosenState::of((string) $this->option('state'), $evaluation);
            if (is_string($state)) {
                $this->components->error($state);

                return self::INVALID;
            }
            $document['state'] = $this->state($state, $evaluation);
        }
        PlanFile::answer($this, $document);

        return $this->option('strict') && $evaluation->count(Level::Stop) > 0 ? self::FAILURE : self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function state(ChosenState $state, Evaluation $evaluation): array
    {
        $solved = $state->solved;
        if ($solved instanceof Overload) {
            return [
                'name' => $state->name,
                'overload' => [
                    'device' => $solved->load,
                    'asked_a' => $solved->askedAmps,
                    'most_a' => $solved->mostAmps,
                    'share' => $solved->share,
                ],
            ];
        }

        return [
            'name' => $state->name,
            'overload' => null,
            'devices' => array_map(
                static fn ($device): array => ['id' => $device->id, 'volts' => $solved->at($device)],
                array_values($evaluation->boat->plan->devices),
            ),
            'batteries' => array_map(
                static fn (string $id, float $amps): array => ['id' => $id, 'amps' => $amps],
                array_keys($solved->sourceAmps()),
                $solved->sourceAmps(),
            ),
        ];
    }
}
