<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Area\StandardAreas;
use Dinghy\Circuit\SpiceNetlist;
use Dinghy\Circuit\State;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The demo's boats, good work and mistakes, in every state against ngspice: each plug, each bus, each post within 1 mV. */
final class DemoCircuitsTest extends TestCase
{
    #[DataProvider('boats')]
    public function test_every_state_of_every_boat(string $file): void
    {
        $states = StandardAreas::areas()->evaluate(StandardAreas::areas()->format->document((string) file_get_contents($file))->plan())->boat->states;
        foreach (State::cases() as $state) {
            $solved = $states->in($state);
            self::assertNotNull($solved, "{$state->value}: the demo's boats can be fed.");
            $spice = Ngspice::run($states->netlist($state));
            foreach (Agreement::islands($states->network($state)->topology) as $island) {
                foreach ($island as $node) {
                    $expected = $spice[SpiceNetlist::nameOf($node)] - $spice[SpiceNetlist::nameOf($island[0])];
                    self::assertEqualsWithDelta($expected, $solved->between($node, $island[0]), 0.001, "{$state->value}: {$node}");
                }
            }
        }
    }

    /** @return array<string, array{string}> */
    public static function boats(): array
    {
        $files = [];
        foreach ((array) glob(__DIR__.'/../../../database/demo/*/*.json') as $file) {
            $files[basename(dirname((string) $file)).'/'.basename((string) $file, '.json')] = [(string) $file];
        }

        return $files;
    }
}
