<?php

declare(strict_types=1);

namespace App\Rigging;

use App\Metering\KnownReadings;
use App\Metering\Told;
use App\Models\Job;
use Dinghy\Area\Rigging\Probing;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Work;
use Dinghy\Metering\Judgement;
use Dinghy\Metering\Measurement;
use Dinghy\Solving\SolvedBoat;

/** What is measured at the steps of a boat as the work on her stands. */
final readonly class StepReadings
{
    private Probing $probing;

    public function __construct(private Job $job, SolvedBoat $boat, private Work $work)
    {
        $this->probing = new Probing($boat, (new KnownReadings($job))->rested($boat));
    }

    /** @return list<Measurement> */
    public function of(Step $step): array
    {
        return $step->metered === null ? [] : $this->probing->of($step, $this->probing->after($this->work->landed()));
    }

    /**
     * @param  list<float>  $values  the first of them, where the others are not taken yet
     * @return list<Judgement>|null null: they are more than the step asks for
     */
    public function judge(Step $step, array $values, bool $checked): ?array
    {
        return $step->metered === null ? [] : $this->probing->judge($step, $this->work->landed(), $values, (new KnownReadings($this->job))->earlier(), $checked);
    }

    /**
     * @param  list<float>  $values
     * @return list<Judgement>|null null: they are not all there
     */
    public function evidence(Step $step, array $values): ?array
    {
        return count($values) === count($this->of($step)) ? $this->judge($step, $values, false) : null;
    }

    /**
     * @param  list<Step>  $ahead  in the order in which they will be done
     * @param  Step|null  $at  that is looked at
     * @return list<array{step: string, of: list<array<string, mixed>>}>
     */
    public function told(array $ahead, ?Step $at): array
    {
        $measured = $this->probing->along($this->work->landed(), $ahead);
        if ($at !== null && ! isset($this->work->done[$at->id])) {
            // As it would be measured now.
            $measured = [$at->id => $this->of($at)] + $measured;
        }
        $told = [];
        foreach ($measured as $step => $of) {
            $of === [] || $told[] = ['step' => (string) $step, 'of' => array_map(Told::measurement(...), $of)];
        }

        return $told;
    }
}
