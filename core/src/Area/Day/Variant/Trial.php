<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Area\Day\Figure\Endurance;
use Dinghy\File\Patch;
use Dinghy\File\PatchRefused;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Plan\Bank;
use Dinghy\Plan\TripPhase;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\BatteryCharge;

/** A boat that does not bear the day that is wanted, and changed boats run through the same day. */
final class Trial
{
    /** s of a step while something is sought; what is named in the end was run at the step of every day */
    private const SEEKING = 600.0;

    public readonly Endurance $asIs;

    /** @var list<Bank> those that do not bear it */
    public readonly array $failing;

    /** @var array<string, Endurance|null> by patch; null: the plan would be refused */
    private array $tried = [];

    /** @param  list<TripPhase>  $wanted  the day */
    public function __construct(public readonly PlanDocument $document, public readonly SolvedBoat $boat, public readonly array $wanted, public readonly Stock $stock)
    {
        $this->asIs = Endurance::of($boat, $wanted);
        $this->failing = $this->asIs->failing();
    }

    /** @return Endurance|null how a changed boat bears the day, looked at roughly; null: the plan would be refused */
    public function roughly(Patch $patch): ?Endurance
    {
        $key = json_encode($patch->toJson(), JSON_THROW_ON_ERROR);
        if (! array_key_exists($key, $this->tried)) {
            try {
                $this->tried[$key] = Endurance::of(SolvedBoat::of($this->document->with($patch)->plan(), $this->boat->words), $this->wanted, self::SEEKING);
            } catch (PatchRefused|PlanRefused) {
                $this->tried[$key] = null;
            }
        }

        return $this->tried[$key];
    }

    /**
     * Whether the boat as she is bears another day, looked at roughly.
     *
     * @param  list<TripPhase>  $phases
     */
    public function bears(array $phases): bool
    {
        return Endurance::of($this->boat, $phases, self::SEEKING)->holds();
    }

    /**
     * The first of a list that serves, where what follows one that serves serves as well.
     *
     * @param  \Closure(int): bool  $serves
     */
    public function first(int $count, \Closure $serves): ?int
    {
        // Most often nothing serves: the last says so at once.
        if ($count === 0 || ! $serves($count - 1)) {
            return null;
        }
        [$low, $high] = [0, $count - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $serves($middle) ? $high = $middle : $low = $middle + 1;
        }

        return $low;
    }

    /**
     * A change with the day that is wanted, or another, and with the chargers that the night after it needs, run as every day is.
     *
     * @param  list<TripPhase>|null  $phases  null: the day that is wanted
     * @return DayVariant|null null: she does not bear it after all
     */
    public function finished(string $name, string $says, ?Patch $change, ?array $phases = null): ?DayVariant
    {
        $phases ??= $this->wanted;
        $patch = Patch::set('plan', ['trip.phases' => array_map(static fn (TripPhase $phase): \stdClass => $phase->written(), $phases)]);
        $patch = $change === null ? $patch : $patch->and($change);
        $choice = $change === null ? null : $this->chargers($change);
        $patch = $choice?->patch === null ? $patch : $patch->and($choice->patch);
        $boat = SolvedBoat::of($this->document->with($patch)->plan(), $this->boat->words);
        $day = $boat->figures(DayFigures::class)->day;

        return $day !== null && (new Endurance($boat, $day, $phases))->holds() ? DayVariant::tried($name, $says, $patch, $boat, $choice->needs ?? []) : null;
    }

    /** For the night after the day, and for one that began with every battery at its floor: a full recharge is what chargers are chosen for. */
    private function chargers(Patch $change): ?ChargerChoice
    {
        $day = $this->roughly($change)?->day;
        $rules = $this->boat->plan->houseRules;

        return $day === null ? null : new ChargerChoice(
            $this->document->with($change),
            array_map(static fn (Bank $bank): string => $bank->id, $this->failing),
            array_map(static fn (BatteryCharge $battery): float => min($battery->charge, $rules->floorOf($battery->battery->chemistry) ?? 1.0), $day->batteries),
            $this->stock,
        );
    }
}
