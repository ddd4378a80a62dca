<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\HoldRule;
use Dinghy\Area\Rigging\Rule\MeteredHold;
use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\Piece;

/** One thing that is done, by one person, at one place. */
final readonly class Step
{
    public float $minutes;

    /**
     * @param  list<string>  $on  parts of the plan, as "feed:bow-motor"
     * @param  list<string>  $needs  ids of steps that are done before it
     * @param  string|null  $at  station; null: nobody has said where
     * @param  string|null  $post  battery post that a conductor lands on; null: elsewhere, or none lands
     * @param  MeterState|null  $state  of a meter step
     * @param  float|null  $minutes  null: as its kind usually takes
     * @param  Piece|null  $piece  of wire that is in the hand; null: none is
     * @param  End|null  $end  of it that is landed; null: it is not about one of them
     * @param  string|null  $node  that a conductor lands on, as the circuit calls it; null: none lands, or on what is no post
     * @param  string|null  $side  "+" or "-" of what lands there; null: it has none
     * @param  MeteredHold|null  $metered  what a meter must show before it is done; null: nothing
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public string $says,
        public array $on,
        public array $needs,
        public ?string $at = null,
        public ?string $post = null,
        public ?HoldRule $hold = null,
        public Place $place = Place::Bay,
        public ?MeterState $state = null,
        ?float $minutes = null,
        public ?Piece $piece = null,
        public ?End $end = null,
        public ?string $node = null,
        public ?string $side = null,
        public ?MeteredHold $metered = null,
    ) {
        $this->minutes = $minutes ?? $kind->minutes();
    }

    /** @return list<HoldRule> that it is done under, the one that is not passed by a meter first */
    public function holds(): array
    {
        return array_values(array_filter([$this->hold, $this->metered], static fn (?HoldRule $hold): bool => $hold !== null));
    }

    /**
     * What a person who did it has done: where the plan changes and this does not, what was done stays done. How long a wire is
     * does not count: it lies as it lies.
     */
    public function work(): string
    {
        $end = static fn (End $end): array => [$end->at->name, $end->at->kind->value, $end->at->bore(), $end->at->lead?->name];
        $wire = $this->piece === null || $this->end !== null ? [] : array_map($end, $this->piece->madeEnds());
        // How a bank is made safe, which ring goes on which post, and a wire from here to there, is the same work in whatever words.
        $said = match ($this->kind) {
            StepKind::MakeSafe, StepKind::Connect => [$this->node, $this->side],
            StepKind::Pull => $this->piece === null ? $this->on : [$this->piece->from->name, $this->piece->to->name],
            default => $this->says,
        };

        return hash('xxh128', json_encode([
            $this->kind->value, $this->on, $this->at, $this->post, $said, $this->state,
            $this->piece?->stock->label(), $this->end === null ? null : $end($this->end), $this->kind === StepKind::Terminate ? $wire : [],
        ], JSON_THROW_ON_ERROR));
    }
}
