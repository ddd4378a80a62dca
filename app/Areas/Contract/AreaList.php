<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use App\Models\Job;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;

/** The areas of the application, in the order of work, and what they bring together. */
final readonly class AreaList
{
    /** @param  list<Area>  $all */
    public function __construct(public array $all)
    {
    }

    public function at(string $stage): ?Area
    {
        foreach ($this->all as $area) {
            if ($area->stage() === $stage) {
                return $area;
            }
        }

        return null;
    }

    /**
     * What the stage that is looked at draws, so that a change need not be followed by another question.
     *
     * @param  mixed  $stage  its name; anything else: none is looked at
     * @return array<string, array<string, mixed>> by stage
     */
    public function drawn(mixed $stage, Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        $area = is_string($stage) ? $this->at($stage) : null;

        return $area === null || ! $area->isPrompt() ? [] : [$area->stage() => $area->answer($job, $evaluation, $judged)];
    }

    /** @return array<string, Addition> by kind of the catalogue */
    public function additions(): array
    {
        return array_merge(...array_map(static fn (Area $area): array => $area->additions(), $this->all));
    }

    /** @return array<string, Proposal> by name */
    public function proposals(): array
    {
        return [
            ...array_merge(...array_map(static fn (Area $area): array => $area->proposals(), $this->all)),
            'part' => AddedAsIs::proposal(),
        ];
    }
}
