<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/**
 * What was done and does not hold any more, though its own step is as it was:
 * - a bank is safe until something of it is powered, and again no hand goes on it before it is proven dead;
 * - a ring comes off its post before its wire is worked on;
 * - what makes it safe takes its power, and lifts its load negatives: both have to be done again;
 * - ohms, power, volts and plugs hold for the wires that they were read of;
 * - a lid is closed, and a boat handed over, after whatever is done under it.
 */
final class Standing
{
    /** @var array<string, WorkEntry> by step */
    public array $reopened = [];

    /** @var array<string, Step> by step: as it is done this time */
    public array $otherwise = [];

    /** @var array<string, list<string>> by part, as "feed:house": ids of the banks on whose posts it was landed, where the plan has it elsewhere now */
    private readonly array $left;

    /**
     * @param  array<string, WorkEntry>  $done  by step: as the plan has it
     * @param  array<string, WorkEntry>  $changed  by step: as it had it before
     */
    private function __construct(private readonly Steps $steps, private readonly WorkLog $log, private readonly array $done, private readonly array $changed)
    {
        $left = [];
        foreach (array_keys($log->standing) as $id) {
            if ($steps->find($id) === null && preg_match('/^connect:bank:([^:]+):(.+?)[+-]?@/', $id, $found) === 1) {
                $left[$found[2]][] = $found[1];
            }
        }
        $this->left = $left;
    }

    /**
     * @param  array<string, WorkEntry>  $done
     * @param  array<string, WorkEntry>  $changed
     */
    public static function of(Steps $steps, WorkLog $log, array $done, array $changed): self
    {
        $standing = new self($steps, $log, $done, $changed);
        if ($steps->reach !== null) {
            $standing->banks($steps->reach);
            $standing->rings();
            $standing->circuits($steps->reach);
        }
        $standing->lids();

        return $standing;
    }

    /** Each bank that is live and that open work reaches; what making it safe has taken, since it was made safe again. */
    private function banks(Reach $reach): void
    {
        $reached = [];
        foreach ($this->steps->all as $step) {
            foreach ($this->isOpenOnCopper($reach, $step) ? [...$reach->banks($step), ...$this->left[$step->on[0]] ?? []] : $this->banksUnderOhms($reach, $step) as $bank) {
                $reached[$bank] = true;
            }
        }
        foreach ($this->steps->all as $step) {
            if ($step->kind !== StepKind::MakeSafe || ($bank = self::bankOf($step)) === null || ! isset($this->done[$step->id])) {
                continue;
            }
            $safe = $this->log->lastDone($step->id);
            if (isset($reached[$bank]) && ($this->poweredAfter($reach, $bank, $safe) || $this->isOnPost($bank, $safe))) {
                $this->reopen($step);
                $this->otherwise[$step->id] = PreparingSteps::madeSafeAgain($step, $reach->nameOf($bank));
            }
            foreach ($this->steps->all as $other) {
                $isTaken = $other->kind === StepKind::Energise ? in_array($bank, $reach->banks($other), true) : $reach->isLoadNegative($other, $bank);
                if ($isTaken && $this->log->lastDone($other->id) < $safe) {
                    $this->reopen($other);
                }
            }
        }
    }

    /** A ring on a post, of a wire that is worked on again: with it on the post the wire is live in the hand. */
    private function rings(): void
    {
        foreach ($this->steps->all as $step) {
            $piece = $step->post !== null && isset($this->done[$step->id]) ? $step->piece?->id : null;
            foreach ($piece === null ? [] : $step->needs as $need) {
                if ($this->steps->find($need)?->piece?->id === $piece && (! isset($this->done[$need]) || $this->log->doneSince($need) > $this->log->lastDone($step->id))) {
                    $this->reopen($step);
                }
            }
        }
    }

    /** Readings, power and plugs of a circuit that came before what was last done to its wires. */
    private function circuits(Reach $reach): void
    {
        $touched = [];
        $powered = $this->log->everDone('energise:');
        foreach ($this->steps->all as $step) {
            $since = $this->touchedSince($step);
            foreach ($since < 0 ? [] : $reach->circuits($step) as $circuit) {
                // A bank is built beside its circuits; what is done to it once they have had power is done anew.
                if (! Reach::isOnBank($step) || (isset($powered["energise:{$circuit}"]) && $since > $powered["energise:{$circuit}"])) {
                    $touched[$circuit] = max($touched[$circuit] ?? -1, $since);
                }
            }
        }
        $read = [];
        foreach ($this->steps->all as $step) {
            $on = $step->on[0] ?? '';
            if ($step->state === MeterState::Off && isset($touched[$on])) {
                $read[$on] = $this->isDone($step) && $this->log->lastDone($step->id) > $touched[$on] ? $this->log->lastDone($step->id) : PHP_INT_MAX;
            }
        }
        foreach ($this->steps->all as $step) {
            $on = $step->on[0] ?? '';
            $isOf = $step->state !== null || $step->kind === StepKind::Energise || $step->kind === StepKind::PlugIn;
            if ($isOf && isset($read[$on]) && $this->log->lastDone($step->id) < $read[$on]) {
                $this->reopen($step);
            }
        }
    }

    /** What closes the work in a place, where something before it was done since or is open. */
    private function lids(): void
    {
        foreach ($this->steps->all as $step) {
            $isLast = in_array($step->kind, [StepKind::Close, StepKind::HandOver], true) || $step->on === ['plan'] && $step->state === MeterState::Loaded;
            foreach ($isLast && $this->isDone($step) ? $step->needs : [] as $need) {
                $before = $this->steps->find($need);
                if ($before !== null && (! $this->isDone($before) || $this->log->lastDone($need) > $this->log->lastDone($step->id))) {
                    $this->reopen($step);
                    break;
                }
            }
        }
    }

    /** @return int when hands were last on the wires that a step is work on, as a place in the log; PHP_INT_MAX: they are yet to be; -1: it is no such work */
    private function touchedSince(Step $step): int
    {
        $isOnWire = in_array($step->kind, [StepKind::Pull, StepKind::Terminate, StepKind::Connect], true);

        return match (true) {
            // Another plug, another fuse: what was read before the old one went in holds no more.
            $step->kind === StepKind::PlugIn || $step->kind === StepKind::Energise => isset($this->changed[$step->id]) ? $this->log->lastDone($step->id) : -1,
            $step->kind === StepKind::Mount && isset($this->changed[$step->id]), $isOnWire && ! isset($this->done[$step->id]) => PHP_INT_MAX,
            $isOnWire, $step->kind === StepKind::Mount && $this->log->wasDoneOtherwise($step->id) => $this->log->doneSince($step->id),
            default => -1,
        };
    }

    private function isOpenOnCopper(Reach $reach, Step $step): bool
    {
        return match ($step->kind) {
            // A part is fastened beside what is live; it is taken off, or out of its plug, with its wires on it.
            StepKind::Mount => isset($this->changed[$step->id]) || $reach->isAnywhere($step) && ! isset($this->done[$step->id]),
            StepKind::PlugIn, StepKind::Energise => isset($this->changed[$step->id]),
            default => Reach::isOnCopper($step) && ! isset($this->done[$step->id]),
        };
    }

    /** Whether a ring sits on one of a bank's posts, since it was made safe, of a wire that is worked on at its other end. */
    private function isOnPost(string $bank, int $safe): bool
    {
        $rings = $this->log->everDone("connect:bank:{$bank}:");
        $pieces = [];
        foreach ($this->steps->all as $step) {
            $step->piece !== null && ($rings[$step->id] ?? -1) > $safe && $pieces[$step->piece->id] = true;
        }

        return array_filter($this->steps->all, fn (Step $step): bool => $step->post === null && isset($pieces[$step->piece?->id]) && Reach::isOnCopper($step) && ! isset($this->done[$step->id])) !== [];
    }

    /** @return list<string> ids of the banks that a circuit is still live from whose ohms are to be read */
    private function banksUnderOhms(Reach $reach, Step $step): array
    {
        if ($step->state !== MeterState::Off || isset($this->done[$step->id])) {
            return [];
        }
        $powered = array_intersect_key($this->log->everDone('energise:'), array_flip(array_map(static fn (string $circuit): string => "energise:{$circuit}", $reach->liveWith($step))));

        return $powered === [] ? [] : array_values(array_filter($reach->banks($step), fn (string $bank): bool => max($powered) > $this->log->lastDone(PreparingSteps::madeSafe($bank))));
    }

    private function poweredAfter(Reach $reach, string $bank, int $safe): bool
    {
        $isLeft = array_filter($this->left, static fn (array $banks): bool => in_array($bank, $banks, true)) !== [];
        foreach ($this->log->everDone('energise:') as $id => $at) {
            $step = $this->steps->find($id);
            // What is no circuit of the plan any more may be fed by any bank; what was fed by this one is on its posts still.
            if ($at > $safe && ($step === null || $isLeft || in_array($bank, $reach->banks($step), true))) {
                return true;
            }
        }

        return false;
    }

    private function isDone(Step $step): bool
    {
        return isset($this->done[$step->id]) && ! isset($this->reopened[$step->id]);
    }

    private function reopen(Step $step): void
    {
        if (isset($this->done[$step->id])) {
            $this->reopened[$step->id] = $this->done[$step->id];
        }
    }

    /** @return string|null its id; null: it makes chargers safe */
    private static function bankOf(Step $step): ?string
    {
        [$kind, $id] = explode(':', $step->on[0], 2);

        return $kind === 'bank' ? $id : null;
    }
}
