<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Anchoring;

use Dinghy\Evaluation\Area;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Explanation;
use Dinghy\Evaluation\Reasons;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\Formula;

/** A small area of no trade of ours: that one can be plugged in is tried with it. */
final class AnchoringArea extends Area implements Reasons
{
    private ?SolvedBoat $boat = null;

    public function stage(): Stage
    {
        return new Stage('anchoring', 'Anchoring');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->part(Anchors::class) !== null;
    }

    public function section(): AnchoringSection
    {
        return new AnchoringSection;
    }

    public function rules(): array
    {
        return [new ShortScope];
    }

    public function document(SolvedBoat $boat): array
    {
        return ['anchors' => array_map(static fn (Anchor $anchor): array => ['id' => $anchor->id, 'scope' => $boat->figures(Scope::class)->of[$anchor->id] ?? null], $boat->plan->part(Anchors::class)->all ?? [])];
    }

    public function reasons(Evaluation $evaluation): array
    {
        $reasons = clone $this;
        $reasons->boat = $evaluation->boat;

        return [$reasons];
    }

    public function of(string $figure): ?Explanation
    {
        $scope = $this->boat?->figures(Scope::class)->of[substr($figure, strlen('scope:'))] ?? null;

        return ! str_starts_with($figure, 'scope:') || $scope === null ? null : new Explanation('Scope', (string) $scope, Formula::ofPractice('rode / (depth + freeboard)', 'a test'), [], null);
    }

    public function headlines(SolvedBoat $boat): array
    {
        return array_map(static fn (float $scope): string => "Scope {$scope}.", array_values($boat->figures(Scope::class)->of));
    }

    public function leftToDo(SolvedBoat $boat): ?string
    {
        return array_filter($boat->plan->part(Anchors::class)->all ?? [], static fn (Anchor $anchor): bool => $anchor->station === null) === [] ? null : 'to be stowed';
    }
}
