<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\Evidence;
use Dinghy\Area\Rigging\Rule\HoldRule;
use Dinghy\Area\Rigging\Rule\MeteredHold;
use Dinghy\Area\Rigging\Rule\PassedByReason;
use Dinghy\Rule\Level;

/**
 * How the work on a boat stands: what is done, what can be done now, what waits. What was done stays done where the plan has
 * changed and its step has not; where its step has, it is open again and said so; and with it what does not hold any more once
 * hands are on it, as Standing has it.
 */
final readonly class Work
{
    /** min; a shorter wait is no reason to begin with what leads to it */
    private const LONG = 60.0;

    /** @var array<string, WorkEntry> by step: what is done */
    public array $done;

    /** @var array<string, WorkEntry> by step: what was done before the plan changed it, and is open again */
    public array $changed;

    /** @var list<WorkEntry> what was done and is no step of the plan any more */
    public array $gone;

    /** @var array<string, WorkEntry> by step: what was done as it still is, and does not hold any more */
    public array $reopened;

    /** @var array<string, Step> by step: those that are done otherwise than the first time */
    public array $otherwise;

    /** Of the plan as it is, with what is done otherwise. */
    public Steps $steps;

    /** @var array<string, float> by step: min since 1970 at which its wait began */
    public array $waitsSince;

    /** @var list<Step> in the order of the work */
    public array $open;

    /**
     * @param  list<WorkEntry>  $entries  in the order in which they came
     * @param  array<string, non-empty-list<string>>  $held  by step: what holds it from outside, as sentences
     * @param  float  $now  min since 1970
     */
    public function __construct(Steps $steps, array $entries, public array $held, private float $now)
    {
        $log = new WorkLog($entries);
        $done = $changed = $gone = [];
        foreach ($log->standing as $id => $entry) {
            $step = $steps->find((string) $id);
            if ($step === null) {
                $gone[] = $entry;
            } elseif ($entry->work === $step->work()) {
                $done[$id] = $entry;
            } else {
                $changed[$id] = $entry;
            }
        }
        $standing = Standing::of($steps, $log, $done, $changed);
        $done = array_diff_key($done, $standing->reopened);
        [$this->done, $this->changed, $this->gone, $this->reopened] = [$done, $changed, $gone, $standing->reopened];
        $this->otherwise = $standing->otherwise;
        $this->steps = $steps->with($this->otherwise);
        $this->open = array_values(array_filter($this->steps->all, static fn (Step $step): bool => ! isset($done[$step->id])));
        $waits = [];
        foreach ($this->open as $step) {
            $since = $step->kind === StepKind::Wait ? $this->since($step, $log->begun) : null;
            $since === null || $waits[$step->id] = $since;
        }
        $this->waitsSince = $waits;
    }

    /** @return list<Step> that a step needs and that are not done */
    public function openNeeds(Step $step): array
    {
        return array_values(array_filter(array_map($this->steps->find(...), $step->needs), fn (?Step $need): bool => $need !== null && ! isset($this->done[$need->id])));
    }

    /** @return float|null min since 1970 at which a wait is over; null: it has not begun */
    public function over(Step $wait): ?float
    {
        return isset($this->waitsSince[$wait->id]) ? $this->waitsSince[$wait->id] + $wait->minutes : null;
    }

    /** Whether something can be done about it now. */
    public function isReady(Step $step): bool
    {
        return ! isset($this->done[$step->id]) && ! isset($this->held[$step->id]) && $this->openNeeds($step) === [] && ($this->over($step) ?? 0.0) <= $this->now;
    }

    /** @return list<Step> what can be done now, in any order, side by side */
    public function ready(): array
    {
        return array_values(array_filter($this->open, $this->isReady(...)));
    }

    /**
     * What one person does next, one after another: first what makes a bank dead that hands go on, then what a long wait waits for, so that it begins soon, then the rest, each
     * with the fewest changes of place.
     *
     * @param  string|null  $here  place, as Walk has it
     * @param  list<string>  $taken  ids of steps that others are at
     * @return list<Step>
     */
    public function walk(?string $here, array $taken): array
    {
        $reachable = $this->reachable($taken);
        // What is live and has to be dead comes before everything.
        $live = array_values(array_filter($reachable, fn (Step $step): bool => $step->kind === StepKind::MakeSafe && isset($this->reopened[$step->id])));
        if ($live !== []) {
            $safe = Walk::through($live, $here);
            $others = array_values(array_filter($reachable, static fn (Step $step): bool => ! in_array($step, $live, true)));

            return [...$safe, ...$this->urgentFirst($others, Walk::placeOf($safe[count($safe) - 1]))];
        }

        return $this->urgentFirst($reachable, $here);
    }

    /**
     * @param  list<Step>  $reachable
     * @return list<Step>
     */
    private function urgentFirst(array $reachable, ?string $here): array
    {
        $urgent = $this->leadingToWaits($reachable);
        $first = array_values(array_filter($reachable, static fn (Step $step): bool => isset($urgent[$step->id])));
        $then = array_values(array_filter($reachable, static fn (Step $step): bool => ! isset($urgent[$step->id])));
        $walk = Walk::through($first, $here);
        $last = $walk === [] ? $here : Walk::placeOf($walk[count($walk) - 1]);

        return [...$walk, ...Walk::through($then, $last)];
    }

    /** min of work that is left, waits not counted */
    public function minutesLeft(): float
    {
        return array_sum(array_map(static fn (Step $step): float => $step->kind === StepKind::Wait ? 0.0 : $step->minutes, $this->open));
    }

    /**
     * Why a step cannot be called done, as a sentence; null: it can.
     *
     * @param  bool  $maySign  whether whoever does it may pass holds
     */
    public function refusal(Step $step, Evidence $evidence, bool $maySign): ?string
    {
        $needs = $this->openNeeds($step);
        if ($needs !== []) {
            $more = count($needs) - 1;

            return "Not yet: first “{$needs[0]->says}”".($more === 0 ? '' : " and {$more} more.");
        }
        if (isset($this->held[$step->id])) {
            return "It is held: {$this->held[$step->id][0]}";
        }
        foreach ($step->holds() as $hold) {
            $lacks = $this->lacks($step, $hold, $evidence, $maySign);
            if ($lacks !== null) {
                return $lacks;
            }
        }

        return null;
    }

    /** @return list<Step> conductors that are landed, in the order in which they were */
    public function landed(): array
    {
        $steps = array_map(fn (int|string $id): ?Step => $this->steps->find((string) $id), array_keys($this->done));

        return array_values(array_filter($steps, static fn (?Step $step): bool => $step?->kind === StepKind::Connect));
    }

    private function lacks(Step $step, HoldRule $hold, Evidence $evidence, bool $maySign): ?string
    {
        // What a meter shows is shown to anyone.
        if (! $maySign && ! $hold instanceof MeteredHold && $hold->text()->levels !== [Level::Note]) {
            return 'This hold is signed by a rigger or the owner of the shop. Hand the phone over.';
        }
        // What is no stop may go on with a reason, which the record keeps.
        if ($evidence->reason !== null && ($hold instanceof PassedByReason || ! in_array(Level::Stop, $hold->text()->levels, true))) {
            return null;
        }
        $over = $this->over($step);
        if ($step->kind === StepKind::Wait && ($over === null || $over > $this->now)) {
            return $over === null ? 'It has not begun yet.' : 'It has not stood long enough yet. Wait, or say why it may go on.';
        }

        return $hold->lacks($evidence);
    }

    /** @return list<Step> done after a step and because of it, that are undone before it */
    public function standingOn(Step $step): array
    {
        return array_values(array_filter($this->steps->all, fn (Step $other): bool => isset($this->done[$other->id]) && in_array($step->id, $other->needs, true)));
    }

    /** @return list<Step> all that is done after a step and because of it, in the order of the work */
    public function following(Step $step): array
    {
        $on = [$step->id => true];
        $following = [];
        foreach ($this->steps->all as $other) {
            if (isset($this->done[$other->id]) && array_filter($other->needs, static fn (string $need): bool => isset($on[$need])) !== []) {
                $on[$other->id] = true;
                $following[] = $other;
            }
        }

        return $following;
    }

    /**
     * A wait begins with the last of what it needs; one that needs nothing with a hand.
     *
     * @param  array<string, WorkEntry>  $begun
     */
    private function since(Step $wait, array $begun): ?float
    {
        if ($wait->needs === []) {
            return ($begun[$wait->id] ?? null)?->at;
        }
        $since = 0.0;
        foreach ($wait->needs as $need) {
            if (! isset($this->done[$need])) {
                return null;
            }
            $since = max($since, $this->done[$need]->at);
        }

        return $since;
    }

    /**
     * Steps that can be done one after another without waiting for a clock, a stop or somebody else.
     *
     * @param  list<string>  $taken
     * @return list<Step>
     */
    private function reachable(array $taken): array
    {
        $reached = [];
        foreach ($this->open as $step) {
            $isOpen = ! isset($this->held[$step->id]) && ! in_array($step->id, $taken, true) && $this->goesOn($step);
            if ($isOpen && array_filter($step->needs, fn (string $need): bool => ! isset($this->done[$need]) && ! isset($reached[$need])) === []) {
                $reached[$step->id] = $step;
            }
        }

        return array_values($reached);
    }

    /** Whether a hand is wanted: at a wait, where it is over, or has to be begun. */
    private function goesOn(Step $step): bool
    {
        if ($step->kind !== StepKind::Wait) {
            return true;
        }
        $over = $this->over($step);

        return $over === null ? $step->needs === [] : $over <= $this->now;
    }

    /**
     * @param  list<Step>  $reachable
     * @return array<string, true> ids of what long waits that have not begun wait for, and of those that begin with a hand
     */
    private function leadingToWaits(array $reachable): array
    {
        $leading = [];
        foreach ($this->open as $step) {
            if ($step->kind === StepKind::Wait && $step->minutes >= self::LONG && ! isset($this->waitsSince[$step->id]) && ! isset($this->held[$step->id])) {
                $leading += [$step->id => true] + array_fill_keys($step->needs, true);
            }
        }
        // From the last on: what they need stands before them.
        foreach (array_reverse($reachable) as $step) {
            if (isset($leading[$step->id])) {
                $leading += array_fill_keys($step->needs, true);
            }
        }

        return $leading;
    }
}
