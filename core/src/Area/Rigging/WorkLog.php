<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** What was entered about the work, one after the other, and what comes of it whatever the plan says now. */
final readonly class WorkLog
{
    /** @var array<string, WorkEntry> by step: done and not taken back, in the order in which they were done */
    public array $standing;

    /** @var array<string, WorkEntry> by step: begun and not taken back */
    public array $begun;

    /** @var array<string, int> by step: when it was done, as a place in the order of entries; the last time, where it was done anew */
    private array $at;

    /** @var array<string, int> by step: likewise, when it was done first as it was done last */
    private array $first;

    /** @var array<string, int> by step: likewise, of all that was ever done, taken back or not */
    private array $ever;

    /** @var array<string, true> by step: those that were done otherwise before */
    private array $otherwise;

    /** @param  list<WorkEntry>  $entries  in the order in which they came */
    public function __construct(array $entries)
    {
        $standing = $begun = $at = $first = $ever = $otherwise = [];
        foreach ($entries as $place => $entry) {
            $id = $entry->step;
            if ($entry->act === Act::Begin) {
                $begun[$id] = $entry;
            } elseif ($entry->act === Act::Undo) {
                unset($standing[$id], $begun[$id], $at[$id], $first[$id]);
            } else {
                $before = $standing[$id] ?? null;
                if ($before === null || $before->work !== $entry->work) {
                    $first[$id] = $place;
                    $before === null || $otherwise[$id] = true;
                }
                // What is done anew is done last.
                unset($standing[$id]);
                [$standing[$id], $at[$id], $ever[$id]] = [$entry, $place, $place];
            }
        }
        [$this->standing, $this->begun, $this->at, $this->first, $this->ever, $this->otherwise] = [$standing, $begun, $at, $first, $ever, $otherwise];
    }

    /** @return int when a step was done the last time; -1: it is not */
    public function lastDone(string $step): int
    {
        return $this->at[$step] ?? -1;
    }

    /** @return int when it was first done as it was done last: what is landed again as it was has been landed since then; -1: it is not */
    public function doneSince(string $step): int
    {
        return $this->first[$step] ?? -1;
    }

    /** Whether it was done before as something else. */
    public function wasDoneOtherwise(string $step): bool
    {
        return isset($this->otherwise[$step]);
    }

    /** @return array<string, int> by step, of those whose id begins so: when it was last done, taken back or not */
    public function everDone(string $prefix): array
    {
        return array_filter($this->ever, static fn (string $step): bool => str_starts_with($step, $prefix), ARRAY_FILTER_USE_KEY);
    }
}
