<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Plan\LabelStyle;
use Dinghy\Route\Route;

/** One piece of wire, from where it begins to where it ends. */
final readonly class Piece
{
    /**
     * @param  string  $of  the part that it belongs to: "feed:bow-motor"
     * @param  string  $conductor  that it is cut from: "bow-motor+"; of a pair that it lies in, "bow-motor"
     * @param  string  $circuit  that part as labels call it
     * @param  float|null  $cut  m; 0: the fuse sits on the post, and there is no wire; null: not known
     * @param  list<End>  $ends  of every conductor in it, its first end before its second
     * @param  string  $side  "+", "-", "+ -" of a pair, or '' where it joins both kinds
     * @param  Route|null  $route  null: it lies on no way, or on which is not known
     * @param  bool  $cutAfterPull  whether it is cut only once it is pulled
     * @param  PlanField|null  $asks  that would say its length
     */
    public function __construct(
        public string $id,
        public string $of,
        public string $conductor,
        public string $circuit,
        public WireStock $stock,
        public ?float $cut,
        public Terminus $from,
        public Terminus $to,
        public array $ends,
        public string $side,
        private LabelStyle $labelStyle,
        public ?Route $route,
        public bool $cutAfterPull,
        public ?PlanField $asks,
    ) {
    }

    /** @return array{string, string} what stands on the labels at its first end and at its second */
    public function labels(): array
    {
        return LabelText::of($this->labelStyle, $this->circuit, $this->side, $this->stock->gauge, $this->from->words, $this->to->words);
    }

    /** Whether there is wire to cut. */
    public function isWire(): bool
    {
        return $this->cut !== 0.0;
    }

    /** @return list<End> that a terminal or a joint is made at */
    public function madeEnds(): array
    {
        return array_values(array_filter($this->ends, static fn (End $end): bool => $end->isMade()));
    }

    /** @return list<PlanField> that nobody has filled and that it needs, each once */
    public function asks(): array
    {
        $asks = array_map(static fn (End $end): ?PlanField => $end->at->kind === EndKind::Ring && $end->at->bore() === null ? $end->at->asked : null, $this->ends);

        return array_values(array_unique(array_filter([$this->cut === null ? $this->asks : null, ...$asks], static fn (?PlanField $field): bool => $field !== null)));
    }

    public function throughTube(): bool
    {
        return $this->route?->goesThroughTube() ?? false;
    }
}
