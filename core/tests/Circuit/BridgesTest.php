<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\Bridges;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Source;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** What opening a resistor parts from the rest, against taking it out and walking the network. */
final class BridgesTest extends TestCase
{
    private const NETWORKS = 60;

    public function test_bridges_against_exhaustive_walking(): void
    {
        $seed = Seed::sown();
        $found = 0;
        for ($case = 0; $case < self::NETWORKS; $case++) {
            $network = self::network(mt_rand(3, 14), mt_rand(0, 6));
            $bridges = Bridges::of($network);
            foreach ($network->resistors as $i => $resistor) {
                $expected = self::isJoined($network, $i, $resistor->from, $resistor->to);
                $beyond = $bridges->beyond($i);
                self::assertSame($expected, $beyond === null, "SEED={$seed} case {$case}, {$resistor->name}");
                if ($beyond !== null) {
                    $found++;
                    $this->assertParts($network, $i, $beyond, "SEED={$seed} case {$case}, {$resistor->name}");
                }
            }
        }
        self::assertGreaterThan(self::NETWORKS, $found, "SEED={$seed}");
    }

    /** @param  array<int, true>  $beyond */
    private function assertParts(Network $network, int $without, array $beyond, string $which): void
    {
        $names = array_flip($network->topology->index);
        $inside = $names[(int) array_key_first($beyond)];
        foreach ($network->topology->index as $name => $node) {
            if ($network->topology->part[$node] !== $network->topology->part[$network->topology->index[$inside]]) {
                continue;
            }
            self::assertSame(self::isJoined($network, $without, (string) $inside, (string) $name), isset($beyond[$node]), "{$which}: {$name}");
        }
    }

    private static function network(int $nodes, int $loops): Network
    {
        $resistors = [];
        for ($i = 1; $i < $nodes; $i++) {
            $resistors[] = new Resistor("r{$i}", "n{$i}", 'n'.mt_rand(0, $i - 1), 1);
        }
        for ($i = 0; $i < $loops; $i++) {
            $resistors[] = new Resistor("l{$i}", 'n'.mt_rand(0, $nodes - 1), 'n'.mt_rand(0, $nodes - 1), 1);
        }
        shuffle($resistors);

        return new Network([new Source('b', 'n'.($nodes - 1), 'n0', 12, 1), new Source('apart', 'x', 'y', 12, 1)], $resistors, []);
    }

    private static function isJoined(Network $network, int $without, string $from, string $to): bool
    {
        $reached = [$from => true];
        do {
            $before = count($reached);
            foreach ($network->resistors as $i => $resistor) {
                if ($i !== $without && (isset($reached[$resistor->from]) || isset($reached[$resistor->to]))) {
                    $reached[$resistor->from] = $reached[$resistor->to] = true;
                }
            }
            foreach ($network->sources as $source) {
                if (isset($reached[$source->plus]) || isset($reached[$source->minus])) {
                    $reached[$source->plus] = $reached[$source->minus] = true;
                }
            }
        } while (count($reached) > $before);

        return isset($reached[$to]);
    }
}
