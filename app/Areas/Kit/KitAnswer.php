<?php

declare(strict_types=1);

namespace App\Areas\Kit;

use App\Models\Job;
use App\Stock\BoatShelf;
use App\Stock\LineOnShelf;
use Dinghy\Cutting\Spool;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Joint\CrimpDie;
use Dinghy\Kit\CutPlan;
use Dinghy\Kit\Kit;
use Dinghy\Kit\Line\TerminalLines;
use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\EndKind;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Kit\Piece\Pieces;
use Dinghy\Kit\Piece\PlanField;
use Dinghy\Kit\PullTogether;
use Dinghy\Kit\Tool;
use Dinghy\Plan\Way;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Question;

/** What the stage Kit draws. */
final readonly class KitAnswer
{
    private function __construct(private Evaluation $evaluation, private PlanDocument $judged, private QuantityFormatter $words, private BoatShelf $shelf)
    {
    }

    /** @return array<string, mixed> */
    public static function of(Job $job, Evaluation $evaluation, PlanDocument $judged): array
    {
        return (new self($evaluation, $judged, $evaluation->boat->words, BoatShelf::of($job, $evaluation->boat->figures(Kit::class))))->answer();
    }

    /** @return array<string, mixed> */
    private function answer(): array
    {
        $boat = $this->evaluation->boat;
        $kit = $boat->figures(Kit::class);
        $plans = $this->shelf->cuts();
        $lines = LineOnShelf::allOf($this->shelf, $plans);
        $short = array_filter($lines, static fn (LineOnShelf $line): bool => $line->short > 0);

        return [
            'says' => $this->says($kit, count($short)),
            'pieces' => array_map($this->piece(...), $kit->pieces),
            'spools' => array_merge([], ...array_map(fn (CutPlan $plan): array => $this->spools($plan), $plans)),
            'pulls' => array_map($this->pull(...), PullTogether::allOf($kit->pieces)),
            'lines' => array_map(static fn (LineOnShelf $line): array => $line->told(), $lines),
            'taken' => $this->shelf->hasTaken(),
            'prices_of' => $this->shelf->kept?->created_at->toIso8601String(),
            'tools' => array_map($this->tool(...), $kit->tools),
            'asks' => array_map($this->asked(...), $boat->figures(Pieces::class)->asks()),
            'totals' => ['price' => array_sum(array_map(static fn (LineOnShelf $line): float => $line->cost() ?? 0.0, $lines)), 'unpriced' => count(array_filter($lines, static fn (LineOnShelf $line): bool => $line->price === null)), 'short' => count($short), 'copper_kg' => $kit->mass->copper, 'mass_kg' => $kit->mass->whole, 'minutes' => $kit->minutes],
        ];
    }

    private function says(Kit $kit, int $short): string
    {
        $wires = $kit->wires();
        if ($wires === []) {
            return 'No wire yet: plan a bank and what hangs on it, at Power.';
        }
        $asks = count($this->evaluation->boat->figures(Pieces::class)->asks());

        return self::counted(count($wires), 'piece')." of wire, {$kit->endsToMake()} ends to make, {$this->words->hours($kit->minutes / 60)} on the bench, {$this->words->mass($kit->mass->whole)} of wire."
            .($asks === 0 ? '' : ' '.self::counted($asks, 'measure').' still to take.')
            .($short === 0 ? ' All of it is there.' : ' '.self::counted($short, 'thing').' to order.');
    }

    private static function counted(int $count, string $noun): string
    {
        return "{$count} {$noun}".($count === 1 ? '' : 's');
    }

    /** @return array{name: string, sizes: list<string>, for: list<string>, caution: string|null, owned: bool|null} owned: null where nobody has said whether the shop has one */
    private function tool(Tool $tool): array
    {
        $item = $this->shelf->item($tool->name);

        return ['name' => $tool->name, 'sizes' => $tool->sizes, 'for' => $tool->for, 'caution' => $tool->caution, 'owned' => $item === null ? null : $item->on_hand > 0];
    }

    /** @return array<string, mixed> */
    private function piece(Piece $piece): array
    {
        return [
            'id' => $piece->id,
            'of' => $piece->of,
            'circuit' => $piece->circuit,
            'wire' => $piece->stock->label(),
            'pair' => $piece->stock->pair,
            'colour' => $piece->stock->colour,
            'area_mm2' => $piece->stock->gauge->areaMm2,
            'side' => $piece->ends[0]->side ?? '',
            'cut_m' => $piece->cut,
            'after_pull' => $piece->cutAfterPull,
            'from' => $piece->from->words,
            'to' => $piece->to->words,
            ...$this->onBench($piece),
            'ends' => array_map($this->end(...), $piece->ends),
            'labels' => $piece->labels(),
            'ways' => array_map(static fn (Way $way): string => $way->id, $piece->route->ways ?? []),
            'asks' => array_map(strval(...), $piece->asks()),
        ];
    }

    /** @return array{bank: string|null, posts: list<string>} the batteries' posts that a piece lands on, and the bank that is drawn to show them */
    private function onBench(Piece $piece): array
    {
        $plan = $this->evaluation->boat->plan;
        $posts = $bank = [];
        foreach ([$piece->from, $piece->to] as $end) {
            [$kind, $id] = explode(':', $end->asked->on ?? '', 2) + ['', ''];
            if ($kind === 'battery') {
                $posts[] = $end->name;
                $bank[] = $plan->bankOf($id)?->id;
            } elseif ($kind === 'bank') {
                $bank[] = $id;
            }
        }

        return ['bank' => array_values(array_filter($bank, is_string(...)))[0] ?? null, 'posts' => $posts];
    }

    /** @return array<string, mixed> */
    private function end(End $end): array
    {
        $isRing = $end->at->kind === EndKind::Ring;

        return [
            'first' => $end->first,
            'side' => $end->side,
            'at' => $end->at->words,
            'kind' => $end->at->kind->value,
            'hole' => $isRing ? $end->at->bore() : null,
            'stud' => $isRing ? $end->at->stud : null,
            'suits' => $end->at->suits(),
            'item' => $end->isMade() ? TerminalLines::item($end) : null,
            'steps' => $this->steps($end),
            'die' => $end->die(),
            'lead_die' => $end->at->lead === null || $end->die() === null ? null : CrimpDie::of($end->at->lead),
            'strip' => $end->isMade() ? $this->words->fine($end->strip()) : null,
            'sleeve' => ($sleeve = $end->sleeve()) === null ? null : (string) $sleeve,
            'pull' => $end->pull() === null ? null : $this->words->thrust($end->pull()),
            'joinable' => $end->isJoinable(),
            'given' => $isRing && $end->at->hole !== null && $end->at->given !== null ? ['on' => $end->at->given->on, 'path' => $end->at->given->path] : null,
        ];
    }

    /** @return list<array{says: string, figure: string|null}> how an end is made, in the order of the hands, each with the figure that it speaks of */
    private function steps(End $end): array
    {
        if (! $end->isMade()) {
            return [];
        }
        $sleeve = $end->sleeve();
        $steps = [
            ['says' => $sleeve === null ? 'no one size of sleeve goes over it and grips the wire: build the wire up with a smaller one first' : "slide on the {$sleeve} sleeve first", 'figure' => $sleeve === null ? null : 'sleeve', 'is' => $end->needsSleeve()],
            ['says' => "strip {$this->words->fine($end->strip())}", 'figure' => 'strip', 'is' => true],
            ['says' => $end->isSplice() ? 'tighten to the splice’s own torque' : "crimp in the {$end->die()}", 'figure' => null, 'is' => true],
            ['says' => 'pull '.$this->words->thrust($end->pull() ?? 0.0).' for a minute', 'figure' => 'pull', 'is' => $end->pull() !== null],
            ['says' => 'shrink until sealant shows', 'figure' => null, 'is' => ! $end->isSplice()],
        ];

        return array_values(array_map(static fn (array $step): array => ['says' => $step['says'], 'figure' => $step['figure']], array_filter($steps, static fn (array $step): bool => $step['is'])));
    }

    /** @return list<array<string, mixed>> */
    private function spools(CutPlan $plan): array
    {
        return array_map(fn (Spool $spool): array => [
            'wire' => $plan->stock->label(),
            'length_m' => $spool->length,
            'pieces' => array_map(static fn (int|string $wire, float $metres): array => ['wire' => (string) $wire, 'm' => $metres], array_keys($spool->pieces), array_values($spool->pieces)),
            'left_m' => $spool->left(),
            'kept' => $spool->left() >= $this->evaluation->boat->plan->houseRules->remnant,
            'colour' => $plan->stock->colour,
            'state' => match (true) {
                $spool === $plan->bought => 'bought',
                in_array($spool, $plan->cut, true) => 'cut',
                default => $this->shelf->isHers((int) $spool->name) ? 'taken' : 'free',
            },
            'bound_m' => $plan->nesting->spools === [] ? null : $plan->nesting->bound,
            'opened_m' => $plan->nesting->spools === [] ? null : $plan->nesting->opened,
        ], [...$plan->cut, ...$plan->spools()]);
    }

    /** @return array{ways: list<string>, pieces: list<string>, says: string} */
    private function pull(PullTogether $pull): array
    {
        $stations = $this->evaluation->boat->plan->boat->stations;
        $names = array_map(static fn (Way $way): string => "{$stations[$way->from]->label()} to {$stations[$way->to]->label()}", $pull->ways);
        $spools = array_count_values($pull->spools());

        return [
            'ways' => array_map(static fn (Way $way): string => $way->id, $pull->ways),
            'pieces' => array_map(static fn (Piece $piece): string => $piece->id, $pull->pieces),
            'says' => implode(', then ', $names).': at hand together '.implode(', ', array_map(static fn (string $wire, int $times): string => ($times > 1 ? "{$times} × " : '').$wire, array_keys($spools), array_values($spools))).'. Mark both ends before the pull; cut when they lie there.',
        ];
    }

    /** @return array{on: string, needs: string, asks: string, choices: list<string|int|bool>|null} */
    private function asked(PlanField $field): array
    {
        $question = Question::about($field->on, $field->path, $this->judged->format);

        return ['on' => $field->on, 'needs' => $field->path, 'asks' => $question->asks, 'choices' => $question->shape?->choices];
    }
}
