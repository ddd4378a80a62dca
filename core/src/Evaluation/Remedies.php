<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\File\Patch;
use Dinghy\File\PatchRefused;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Remedy;
use Dinghy\Solving\SolvedBoat;

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

    /**
     * plans judged for all findings together: a boat on which everything is wrong is not kept waiting for the last of
     * them
     */
    private const MOST_IN_ALL = 300;

    private readonly Tally $before;

    /** @var array<string, Tally> of the plans tried, by patch */
    private array $tallies = [];

    /**
     * @var array<string, true> by patch, and by patch and finding: the plan was refused, or the finding was not mended
     */
    private array $failed = [];

    /** @var \WeakMap<Finding, Remedy|false> */
    private \WeakMap $offered;

    private int $left = 0;

    private int $leftInAll = self::MOST_IN_ALL;

    /** @param  PlanDocument  $document  that was evaluated */
    public function __construct(private readonly PlanDocument $document, private readonly Evaluation $evaluation)
    {
        $this->before = new Tally([...$evaluation->findings, ...$evaluation->unchecked]);
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
            if ($remedy !== null && $this->tally($finding, $remedy->patch)?->bringsDecisions($this->before) === false) {
                return $remedy;
            }
            if ($remedy !== null && $found === null) {
                $found = $remedy;
                $this->left = min($this->left, self::MOST_BETTERED);
            }
        }

        return $found;
    }

    /**
     * @return Remedy|null the candidate, with the remedies of the stops that it brings; null: it does not mend, or cannot be made good
     */
    private function completed(Finding $finding, Remedy $candidate, int $joined): ?Remedy
    {
        $stops = $this->stops($finding, $candidate->patch);
        if ($stops === null || $stops === 0) {
            return $stops === null ? null : $candidate;
        }
        $brought = $joined <= 1 || $this->isSpent() ? null : $this->firstStop($candidate->patch);
        $followed = 0;
        foreach ($brought?->remedies() ?? [] as $further) {
            if ($this->isSpent() || ++$followed > self::MOST_FOLLOWED) {
                break;
            }
            // What takes a change back is another candidate, not its completion.
            if (! $candidate->patch->sets($further->patch)) {
                $both = $candidate->and($further);
                if (($this->stops($finding, $both->patch) ?? $stops) < $stops) {
                    return $this->completed($finding, $both, $joined - 1);
                }
            }
        }

        return null;
    }

    /** @return int|null how many stops come that were none; null: it does not mend, or the plan would be refused */
    private function stops(Finding $finding, Patch $patch): ?int
    {
        $after = $this->tally($finding, $patch);

        return $after === null ? null : array_sum($after->newStops($this->before));
    }

    /** The first stop that comes, as it speaks of the changed plan. */
    private function firstStop(Patch $patch): ?Finding
    {
        $judgement = $this->judged($patch);
        $new = $judgement?->tally()->newStops($this->before) ?? [];

        return array_values(
            array_filter(
                $judgement?->findings() ?? [],
                static fn (Finding $one): bool => isset($new[Tally::key($one)]),
            ),
        )[0] ?? null;
    }

    private function isSpent(): bool
    {
        return $this->left <= 0 || $this->leftInAll <= 0;
    }

    /**
     * The rule of the finding is asked first, and the others where it is content. Kept without the plans it came from: those
     * are many, and large.
     *
     * @return Tally|null null: it is not mended, or the plan would be refused
     */
    private function tally(Finding $finding, Patch $patch): ?Tally
    {
        $key = json_encode($patch->toJson(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $failing = $key.Tally::key($finding);
        if (isset($this->failed[$key]) || isset($this->failed[$failing])) {
            return null;
        }
        if (! isset($this->tallies[$key])) {
            $judgement = $this->judged($patch);
            if ($judgement === null) {
                $this->failed[$key] = true;

                return null;
            }
            if (! $judgement->tallyOf($finding->rule)->isMended($this->before, $finding)) {
                $this->failed[$failing] = true;

                return null;
            }
            $this->tallies[$key] = $judgement->tally();
        }

        return $this->tallies[$key]->isMended($this->before, $finding) ? $this->tallies[$key] : null;
    }

    /** @return Judgement|null null: the plan with it would be refused */
    private function judged(Patch $patch): ?Judgement
    {
        $this->left--;
        $this->leftInAll--;
        try {
            return new Judgement(
                SolvedBoat::of($this->document->with($patch)->plan(), $this->evaluation->boat->words),
                $this->evaluation->areas->rulebook,
            );
        } catch (PatchRefused|PlanRefused) {
            return null;
        }
    }
}
