<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/**
 * How the elements of a network hang together: its nodes, the parts that nothing joins, and the order of elimination.
 * Each part has a reference node of its own, a battery's negative where it has one: that is where the black probe goes.
 */
final readonly class Topology
{
    /**
     * @param  array<string, int>  $index  node by name
     * @param  list<int>  $part  by node: the reference node of its part
     * @param  list<int>  $place  by node: its place in the elimination; −1 for reference nodes
     * @param  int  $hidden  places before this one belong to nodes that are not observed
     */
    private function __construct(
        public array $index,
        public array $part,
        public array $place,
        public Elimination $elimination,
        public int $size,
        public int $hidden,
    ) {
    }

    /**
     * @param  list<Source>  $sources
     * @param  list<Resistor>  $resistors
     * @param  list<Load>  $loads
     * @param  list<string>|null  $observed  nodes whose volts are wanted often; null: all alike
     */
    public static function of(array $sources, array $resistors, array $loads, ?array $observed = null): self
    {
        $index = [];
        $edges = [];
        foreach ($sources as $source) {
            $edges[] = [$index[$source->plus] ??= count($index), $index[$source->minus] ??= count($index)];
        }
        foreach ($resistors as $resistor) {
            $edges[] = [$index[$resistor->from] ??= count($index), $index[$resistor->to] ??= count($index)];
        }
        $joined = count($edges);
        foreach ($loads as $load) {
            $edges[] = [$index[$load->plus] ??= count($index), $index[$load->minus] ??= count($index)];
        }
        $part = self::parts(
            count($index),
            array_slice($edges, 0, $joined),
            array_map(static fn (Source $source): int => $index[$source->minus], $sources),
        );

        $rows = array_fill(0, count($index), -1);
        $size = 0;
        foreach ($part as $node => $reference) {
            if ($node !== $reference) {
                $rows[$node] = $size++;
            }
        }
        $within = [];
        foreach ($edges as [$a, $b]) {
            if ($rows[$a] >= 0 && $rows[$b] >= 0 && $part[$a] === $part[$b]) {
                $within[] = [$rows[$a], $rows[$b]];
            }
        }
        $last = $observed === null ? [] : self::branching($within);
        foreach ($observed ?? [] as $name) {
            if (isset($index[$name]) && $rows[$index[$name]] >= 0) {
                $last[$rows[$index[$name]]] = true;
            }
        }
        $elimination = Elimination::of($size, $within, $last);

        return new self(
            $index, $part,
            array_map(static fn (int $row): int => $row < 0 ? -1 : $elimination->placeOf($row), array_values($rows)),
            $elimination, $size,
            $observed === null ? 0 : $size - count($last),
        );
    }

    /** Whether anything but loads joins two nodes. */
    public function joins(string $a, string $b): bool
    {
        return isset(
            $this->index[$a],
            $this->index[$b],
        ) && $this->part[$this->index[$a]] === $this->part[$this->index[$b]];
    }

    /**
     * @param  list<Resistor>  $resistors
     * @return list<array{int, int, float}> the places of both ends, and S between them
     */
    public function conductances(array $resistors): array
    {
        return array_map(fn (Resistor $resistor): array => [$this->placeOf($resistor->from), $this->placeOf($resistor->to), 1 / $resistor->ohms], $resistors);
    }

    /** @return int the place of a node; −1 for a reference node */
    public function placeOf(string $node): int
    {
        return $this->place[$this->index[$node]];
    }

    /**
     * Rows that join more than two others: eliminated early, they would tie all their neighbours together.
     *
     * @param  list<array{int, int}>  $edges
     * @return array<int, true>
     */
    private static function branching(array $edges): array
    {
        $degrees = array_count_values(array_merge(...$edges));

        return array_map(
            static fn (): bool => true,
            array_filter($degrees, static fn (int $degree): bool => $degree > 2),
        );
    }

    /**
     * @param  list<array{int, int}>  $edges
     * @param  list<int>  $preferred  nodes to be references where there is a choice
     * @return list<int>
     */
    private static function parts(int $nodes, array $edges, array $preferred): array
    {
        /** @var list<list<int>> $neighbours */
        $neighbours = array_fill(0, $nodes, []);
        foreach ($edges as [$a, $b]) {
            $neighbours[$a][] = $b;
            $neighbours[$b][] = $a;
        }
        $part = array_fill(0, $nodes, -1);
        foreach ([...$preferred, ...array_keys($neighbours)] as $reference) {
            if ($part[$reference] >= 0) {
                continue;
            }
            $part[$reference] = $reference;
            $reached = [$reference];
            for ($i = 0; $i < count($reached); $i++) {
                foreach ($neighbours[$reached[$i]] as $next) {
                    if ($part[$next] < 0) {
                        $part[$next] = $reference;
                        $reached[] = $next;
                    }
                }
            }
        }

        return $part;
    }
}
