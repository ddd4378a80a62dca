<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Plan\Patch;
use Dinghy\Plan\PatchRefused;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\PlanRefused;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Remedy;

/**
 * The remedies of a plan's findings, each tried before it is offered: the plan with it was judged, its finding is gone, and
 * nothing is a stop that was none before. Where the change alone leaves or makes a stop whose own remedy ends it, both
 * are offered as one.
 */
final class Remedies
{
    /** plans judged for one finding, before it is left to its sentence */
    private const MOST_TRIED = 24;

    /** more of them, once one was found that brings a new decision, in search of one that brings none */
    private const MOST_BETTERED = 6;

    /** changes that are put together */
    private const MOST_JOINED = 3;

    /** candidates of a stop that came with a change */
    private const MOST_FOLLOWED = 4;

    private readonly Tally $before;

    /** @var array<string, Tally|null> of the plans tried, by patch; null: the plan was refused */
    private array $tallies = [];

    /** @var \WeakMap<Finding, Remedy|false> */
    private \WeakMap $offered;

    private int $left = 0;

    /** @param  PlanDocument  $document  that was evaluated */
    public function __construct(private readonly PlanDocument $document, private readonly Evaluation $evaluation)
    {
        $this->before = new Tally($evaluation->findings, $evaluation->unchecked);
        $this->offered = new \WeakMap;
    }

    /** @return Remedy|null null: no change that was tried mends it without harm */
    public function of(Finding $finding): ?Remedy
    {
        $this->offered[$finding] ??= $this->search($finding) ?? false;

        return $this->offered[$finding] === false ? null : $this->offered[$finding];
    }

    /** One change that is enough comes before several that are only enough together. */
    private function search(Finding $finding): ?Remedy
    {
        $candidates = iterator_to_array($finding->remedies(), false);
        $this->left = self::MOST_TRIED;

        return $this->first($finding, $candidates, 1) ?? $this->first($finding, $candidates, self::MOST_JOINED);
    }

    /**
     * @param  list<Remedy>  $candidates
     * @param  int  $joined  changes at most
     */
    private function first(Finding $finding, array $candidates, int $joined): ?Remedy
    {
        $found = null;
        foreach ($candidates as $candidate) {
            if ($this->isSpent()) {
                break;
            }
            $remedy = $this->completed($finding, $candidate, $joined);
            if ($remedy !== null && $this->tally($remedy->patch)?->bringsDecisions($this->before) === false) {
                return $remedy;
            }
            if ($remedy !== null && $found === null) {
                $found = $remedy;
                $this->left = min($this->left, self::MOST_BETTERED);
            }
        }

        return $found;
    }

    /** @return Remedy|null the candidate, with the remedies of what it leaves or brings; null: it cannot be made good */
    private function completed(Finding $finding, Remedy $candidate, int $joined): ?Remedy
    {
        $open = $this->open($finding, $candidate->patch);
        if ($open === null || $open === 0) {
            return $open === null ? null : $candidate;
        }
        $next = $joined <= 1 || $this->isSpent() ? null : $this->firstOpen($finding, $candidate->patch);
        $followed = 0;
        foreach ($next?->remedies() ?? [] as $further) {
            if ($this->isSpent() || ++$followed > self::MOST_FOLLOWED) {
                break;
            }
            // What takes a change back is another candidate, not its completion.
            if (! $candidate->patch->sets($further->patch)) {
                $both = $candidate->and($further);
                if (($this->open($finding, $both->patch) ?? $open) < $open) {
                    return $this->completed($finding, $both, $joined - 1);
                }
            }
        }

        return null;
    }

    /** @return int|null how many findings are left to see to, itself and new stops; null: the plan would be refused */
    private function open(Finding $finding, Patch $patch): ?int
    {
        $after = $this->tally($patch);

        return $after === null ? null : ($after->isMended($this->before, $finding) ? 0 : 1) + array_sum($after->newStops($this->before));
    }

    /** The finding itself, as it speaks then; where it is mended the worst stop that came. */
    private function firstOpen(Finding $finding, Patch $patch): ?Finding
    {
        $judgement = $this->judged($patch);
        if ($judgement === null) {
            return null;
        }
        $after = new Tally($judgement->findings, $judgement->unchecked);
        $keys = $after->isMended($this->before, $finding) ? $after->newStops($this->before) : [Tally::key($finding) => 1];

        return array_values(array_filter($judgement->findings, static fn (Finding $one): bool => isset($keys[Tally::key($one)])))[0] ?? null;
    }

    private function isSpent(): bool
    {
        return $this->left <= 0;
    }

    /** Kept without the plans they came from: those are many, and large. */
    private function tally(Patch $patch): ?Tally
    {
        $key = json_encode($patch->toJson(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        if (! array_key_exists($key, $this->tallies)) {
            $judgement = $this->judged($patch);
            $this->tallies[$key] = $judgement === null ? null : new Tally($judgement->findings, $judgement->unchecked);
        }

        return $this->tallies[$key];
    }

    /** @return Judgement|null null: the plan with it would be refused */
    private function judged(Patch $patch): ?Judgement
    {
        $this->left--;
        try {
            return Judgement::ofPlan(Plan::of($this->document->with($patch)), $this->evaluation->words);
        } catch (PatchRefused|PlanRefused) {
            return null;
        }
    }
}
