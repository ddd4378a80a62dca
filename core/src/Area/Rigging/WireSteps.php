<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\NoFlame;
use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Kit\Piece\Pieces;
use Dinghy\Kit\Piece\Terminus;
use Dinghy\Plan\Battery;
use Dinghy\Plan\HoleUse;
use Dinghy\Plan\Post;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;

/** Every piece of wire: marked, pulled, made up, and landed wherever it ends but on a post of a battery or a shunt. */
final class WireSteps
{
    /** m that a fuse sits from its source at the most to be in the same compartment [common practice, no source] */
    private const BESIDE = 1.0;

    /** @var list<Step> */
    public readonly array $steps;

    /** @var array<string, list<string>> by piece: ids of the steps that land its far ends */
    private array $landed = [];

    /** @var array<string, string> by piece: id of the step after which its ends are made */
    private array $made = [];

    /** @var list<Piece> */
    private readonly array $pieces;

    /** @var array<string, true> names of posts of batteries and shunts */
    private readonly array $posts;

    public function __construct(private readonly SolvedBoat $boat)
    {
        $this->pieces = $boat->figures(Pieces::class)->all;
        $posts = [];
        foreach ($boat->plan->batteries as $battery) {
            $posts[$battery->plus()->name] = $posts[$battery->minus()->name] = true;
        }
        foreach ($boat->plan->banks as $bank) {
            $posts[$bank->negativePost()->name] = $posts[Post::shunt($bank->id)->name] = true;
        }
        $this->posts = $posts;
        $circuits = [];
        foreach ($boat->circuits() as $run) {
            if ($run->circuit !== null) {
                $circuits[$run->circuit->on()] = $run->circuit;
            }
        }
        $steps = $aired = [];
        foreach ($this->pieces as $piece) {
            if ($piece->isWire()) {
                $circuit = $circuits[$piece->of] ?? null;
                array_push($steps, ...$this->ofPiece($piece, $circuit));
                foreach ($piece->madeEnds() === [] ? [] : $this->gathering($piece, $circuit) as $station) {
                    $aired[$station] ??= $this->airing($station);
                }
            }
        }
        $this->steps = [...array_values($aired), ...$steps];
    }

    /**
     * What has to be done of a part's wires before they land on a post.
     *
     * @param  string  $post  its name
     * @param  string|null  $side  "+" or "-": of that conductor alone; null: of all
     * @param  string|null  $wire  id of the jumper among its bank's; null: all that belong to the part
     * @return list<string> ids of steps
     */
    public function before(string $on, string $post, ?string $side, ?string $wire): array
    {
        $needs = [];
        foreach ($this->piecesOf($on, $side, $wire) as $piece) {
            if (array_filter($piece->ends, static fn (End $end): bool => $end->at->name === $post) !== []) {
                $needs[] = $this->made[$piece->id];
            }
            // The far end first: what leaves a post is not live in a hand.
            array_push($needs, ...$this->landed[$piece->id] ?? []);
        }

        return array_values(array_unique($needs));
    }

    /**
     * The end that lands on a post.
     *
     * @param  string  $post  its name
     * @param  string|null  $side  as before() has it
     * @param  string|null  $wire  likewise
     * @return array{Piece, End}|null null: no wire of the boat's does, but a lead of its maker's
     */
    public function endOn(string $on, string $post, ?string $side, ?string $wire): ?array
    {
        foreach ($this->piecesOf($on, $side, $wire) as $piece) {
            foreach ($piece->ends as $end) {
                if ($end->at->name === $post && ($side === null || $end->side === $side)) {
                    return [$piece, $end];
                }
            }
        }

        return null;
    }

    /** @return list<string> ids of the steps that land a part's wires elsewhere than on posts */
    public function landingsOf(string $on): array
    {
        return array_merge([], ...array_map(fn (Piece $piece): array => $piece->of === $on ? ($this->landed[$piece->id] ?? []) : [], $this->pieces));
    }

    /**
     * @param  string|null  $side  as before() has it
     * @param  string|null  $wire  likewise
     * @return list<Piece> that are made
     */
    private function piecesOf(string $on, ?string $side, ?string $wire): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $piece): bool => $piece->of === $on && isset($this->made[$piece->id])
            && ($wire === null || $piece->conductor === $wire) && ($side === null || ! in_array($piece->side, ['+', '-'], true) || $piece->side === $side)));
    }

    /** @return list<Step> */
    private function ofPiece(Piece $piece, ?Circuit $circuit): array
    {
        $what = "{$piece->circuit}, {$piece->from->words} to {$piece->to->words}";
        $at = ($circuit === null ? null : $circuit->from) ?? $this->stationOf($piece->from) ?? $this->stationOf($piece->to);
        $steps = [new Step("label:{$piece->id}", StepKind::Label, "Mark both ends: {$piece->labels()[0]}.", [$piece->of], [], place: Place::Bench, piece: $piece)];
        $last = "label:{$piece->id}";
        if ($circuit !== null || ! str_starts_with($piece->of, 'bank:')) {
            $holes = $this->leavesItsPlace($piece, $circuit) ? MountingSteps::drilled($this->boat->plan, [$circuit?->from, $circuit?->to], HoleUse::Cable) : [];
            $steps[] = new Step("pull:{$piece->id}", StepKind::Pull, $piece->throughTube() ? "Pull {$what}; leave a cord behind." : "Lay {$what}.", [$piece->of], [$last, ...PreparingSteps::safe($this->boat->plan), ...$holes], $at, piece: $piece);
            $last = "pull:{$piece->id}";
        }
        if ($piece->madeEnds() !== []) {
            // Made in the boat, beside what else is there.
            $safe = str_starts_with($last, 'pull:') ? PreparingSteps::safe($this->boat->plan) : [];
            $steps[] = new Step("terminate:{$piece->id}", StepKind::Terminate, "Make the ends of {$what}.", [$piece->of], [$last, ...$safe, ...array_map(static fn (string $station): string => "air:{$station}", $this->gathering($piece, $circuit))], $at, minutes: $this->boat->plan->houseRules->endMinutes * count($piece->madeEnds()), piece: $piece);
            $last = "terminate:{$piece->id}";
        }
        $this->made[$piece->id] = $last;
        foreach ($piece->ends as $number => $end) {
            if (! isset($this->posts[$end->at->name])) {
                $id = "connect:{$piece->id}:".($number + 1);
                // A fuse in the line sits near its source.
                $isFar = $number % 2 === 1 && ! str_contains($end->at->name, '/');
                $station = $this->stationOf($end->at) ?? ($isFar && $circuit !== null ? $circuit->to : $at);
                $steps[] = new Step($id, StepKind::Connect, "Land {$piece->circuit} on {$end->at->words}.", [$piece->of], [$last, ...$end->at->part === null ? [] : MountingSteps::mounted($this->boat->plan, $end->at->part), ...PreparingSteps::safe($this->boat->plan)], $station, piece: $piece, end: $end);
                $this->landed[$piece->id][] = $id;
            }
        }

        return $steps;
    }

    /** Whether a piece goes to another compartment, and so through its holes: not the one from a battery to the fuse beside it. */
    private function leavesItsPlace(Piece $piece, ?Circuit $circuit): bool
    {
        return $circuit !== null && $circuit->from !== $circuit->to && ($piece->to->part !== null || $piece->cut === null || $piece->cut > self::BESIDE);
    }

    /** @return list<string> stations at its ends where petrol vapour, or the gas of an open battery box, gathers */
    private function gathering(Piece $piece, ?Circuit $circuit): array
    {
        $batteries = array_map(static fn (Battery $battery): ?string => $battery->station, $this->boat->plan->batteries);

        return array_values(array_unique(array_filter(
            [$circuit->from ?? $this->stationOf($piece->from), $circuit->to ?? $this->stationOf($piece->to)],
            fn (?string $station): bool => $station !== null && ($this->boat->plan->boat->stations[$station]->petrolVapour === true || in_array($station, $batteries, true)),
        )));
    }

    /** Once for a place, before the first end is made there. */
    private function airing(string $station): Step
    {
        return new Step("air:{$station}", StepKind::Clean, ucfirst("{$this->boat->plan->boat->stations[$station]->label()}: aired and its batteries covered, before anything is crimped and shrunk there."), ["station:{$station}"], PreparingSteps::safe($this->boat->plan), $station, hold: new NoFlame);
    }

    private function stationOf(Terminus $terminus): ?string
    {
        return $terminus->part === null ? null : PartStation::of($this->boat->plan, $terminus->part);
    }
}
