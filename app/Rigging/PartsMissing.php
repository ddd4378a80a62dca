<?php

declare(strict_types=1);

namespace App\Rigging;

use App\Models\Job;
use App\Stock\BoatShelf;
use App\Stock\LineOnShelf;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Kit\Kit;

/** What of a boat's kit is neither on the shelf nor hers, by the steps that want it. It holds nothing: it may lie in another drawer. */
final readonly class PartsMissing
{
    /** steps that take a wire, or what goes on its ends, from the shelf */
    private const WIRE = [StepKind::Label, StepKind::Pull, StepKind::Terminate];

    /** @param  array<string, list<LineOnShelf>>  $for  by wire, or by part as "hole:h1" */
    private function __construct(private array $for)
    {
    }

    public static function of(Job $job, Evaluation $evaluation): self
    {
        $shelf = BoatShelf::of($job, $evaluation->boat->figures(Kit::class));
        $for = [];
        foreach (LineOnShelf::allOf($shelf, $shelf->cuts()) as $line) {
            foreach ($line->short > 0 ? $line->line->for : [] as $what) {
                $for[$what][] = $line;
            }
        }

        return new self($for);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<array{step: string, says: list<string>}> those that something is missing for
     */
    public function told(array $steps): array
    {
        $told = [];
        foreach ($steps as $step) {
            $wanted = in_array($step->kind, self::WIRE, true) ? [$step->piece->id ?? ''] : ($step->piece === null ? $step->on : []);
            $says = [];
            foreach ($wanted as $what) {
                foreach ($this->for[$what] ?? [] as $line) {
                    // The wire itself is wanted first, its ends when they are made.
                    if ($step->kind === StepKind::Terminate ? ! $line->isWire : $line->isWire || $step->piece === null) {
                        $says[] = $line->line->item.($line->awaited > 0 ? ', on its way' : ($line->deliveryDays === null ? '' : ", {$line->deliveryDays} days when it is ordered"));
                    }
                }
            }
            $says === [] || $told[] = ['step' => $step->id, 'says' => $says];
        }

        return $told;
    }
}
