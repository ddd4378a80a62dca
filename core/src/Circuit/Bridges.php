<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/**
 * The resistors of a network that nothing goes around (Tarjan 1974), and what each of them parts from the rest when it
 * opens.
 */
final readonly class Bridges
{
    /**
     * @param  array<int, int>  $beyond  by resistor number, only of bridges: the node on its far side
     * @param  list<int>  $entered  by node: when the search came to it
     * @param  list<int>  $left  by node: the last time before the search left it
     */
    private function __construct(private array $beyond, private array $entered, private array $left)
    {
    }

    public static function of(Network $network): self
    {
        $index = $network->topology->index;
        /** @var list<list<array{int, int}>> $neighbours */
        $neighbours = array_fill(0, count($index), []);
        $edge = 0;
        foreach ($network->resistors as $resistor) {
            $neighbours[$index[$resistor->from]][] = [$index[$resistor->to], $edge];
            $neighbours[$index[$resistor->to]][] = [$index[$resistor->from], $edge++];
        }
        foreach ($network->sources as $source) {
            $neighbours[$index[$source->plus]][] = [$index[$source->minus], $edge];
            $neighbours[$index[$source->minus]][] = [$index[$source->plus], $edge++];
        }
        $entered = $left = $low = array_fill(0, count($index), -1);
        $next = array_fill(0, count($index), 0);
        $beyond = [];
        $time = 0;
        foreach (array_unique($network->topology->part) as $root) {
            $entered[$root] = $low[$root] = $time++;
            $way = [[$root, -1]];
            while ($way !== []) {
                [$node, $by] = $way[count($way) - 1];
                if ($next[$node] < count($neighbours[$node])) {
                    [$other, $edge] = $neighbours[$node][$next[$node]++];
                    if ($edge === $by) {
                        continue;
                    }
                    if ($entered[$other] < 0) {
                        $entered[$other] = $low[$other] = $time++;
                        $way[] = [$other, $edge];
                    } else {
                        $low[$node] = min($low[$node], $entered[$other]);
                    }

                    continue;
                }
                array_pop($way);
                $left[$node] = $time - 1;
                if ($way !== []) {
                    $before = $way[count($way) - 1][0];
                    $low[$before] = min($low[$before], $low[$node]);
                    if ($low[$node] > $entered[$before] && $by < count($network->resistors)) {
                        $beyond[$by] = $node;
                    }
                }
            }
        }

        return new self($beyond, array_values($entered), array_values($left));
    }

    /**
     * @return array<int, true>|null the nodes that opening a resistor parts from the rest; null: none, another way goes around
     */
    public function beyond(int $resistor): ?array
    {
        if (! isset($this->beyond[$resistor])) {
            return null;
        }
        $far = $this->beyond[$resistor];
        [$first, $last] = [$this->entered[$far], $this->left[$far]];
        $nodes = [];
        foreach ($this->entered as $node => $time) {
            if ($time >= $first && $time <= $last) {
                $nodes[$node] = true;
            }
        }

        return $nodes;
    }
}
