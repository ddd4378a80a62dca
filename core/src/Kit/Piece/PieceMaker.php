<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Plan\HouseRules;
use Dinghy\Plan\Protection;
use Dinghy\Route\Route;

/** Makes the pieces of one part's conductors, as the house rules have it. */
final readonly class PieceMaker
{
    /**
     * @param  string  $of  the part: "feed:bow-motor"
     * @param  string  $on  the part whose fields say its measures
     * @param  string  $circuit  as labels call it
     * @param  string  $field  its fuses begin with this, as "protection."
     * @param  string|null  $lengthField  that would say its length; null: it always does
     */
    public function __construct(
        private HouseRules $rules,
        private string $of,
        private string $on,
        private string $circuit,
        private string $field,
        private ?string $lengthField,
    ) {
    }

    /**
     * One conductor, cut at each fuse in its way.
     *
     * @param  string  $id  of the conductor: "bow-motor+"; its pieces are numbered where there are several
     * @param  list<array{Protection, Terminus}>  $protections  from its first end on
     * @param  string  $side  "+", "-" or '' where it joins both kinds
     * @param  bool  $withLast  whether the piece after the last fuse is one of these: else a pair goes on from there
     * @return list<Piece>
     */
    public function conductor(string $id, WireStock $stock, Terminus $from, array $protections, Terminus $to, ?float $length, string $side, ?Route $route, bool $withLast = true): array
    {
        $cuts = Cuts::of($from, $protections, $to, $length, $this->field);
        $last = count($cuts) - 1;
        $pieces = [];
        foreach ($withLast ? $cuts : array_slice($cuts, 0, $last) as $number => $cut) {
            $isRest = $number === $last;
            // What lies before the fuse stays beside its post.
            $along = $isRest ? $route : null;
            $made = $cut['metres'] !== 0.0;
            $pieces[] = new Piece(
                $last === 0 || ! $withLast && $last === 1 ? $id : $id.($number + 1),
                $this->of, $id, $this->circuit, $stock, $cut['metres'], $cut['from'], $cut['to'],
                $made ? $this->ends($stock, [[$cut['from'], $cut['to'], $side]]) : [],
                $side, $this->rules->labels,
                $along,
                $this->isCutAfterPull($cut['metres'], $along),
                $this->asked($cut['asks']),
            );
        }

        return $pieces;
    }

    /**
     * Both conductors in one jacket.
     *
     * @param  array{Terminus, Terminus}  $plus
     * @param  array{Terminus, Terminus}  $minus
     */
    public function pair(string $id, WireStock $stock, array $plus, array $minus, ?float $length, ?Route $route): Piece
    {
        return new Piece(
            $id, $this->of, $id, $this->circuit, $stock, $length, $plus[0], $plus[1],
            $this->ends($stock, [[...$plus, '+'], [...$minus, '-']]),
            '+ -', $this->rules->labels,
            $route, $this->isCutAfterPull($length, $route), $this->asked(null),
        );
    }

    /**
     * @param  list<array{Terminus, Terminus, string}>  $conductors
     * @return list<End>
     */
    private function ends(WireStock $stock, array $conductors): array
    {
        $ends = [];
        foreach ([true, false] as $first) {
            foreach ($conductors as [$from, $to, $side]) {
                $ends[] = new End($first ? $from : $to, $stock->gauge, $first, $side, $this->rules->joint);
            }
        }

        return $ends;
    }

    private function isCutAfterPull(?float $metres, ?Route $route): bool
    {
        return $metres === null || $metres > $this->rules->cutAfterPull || ($route?->goesThroughTube() ?? false);
    }

    private function asked(?string $path): ?PlanField
    {
        $path ??= $this->lengthField;

        return $path === null ? null : new PlanField($this->on, $path);
    }
}
