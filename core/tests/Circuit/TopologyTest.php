<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\Fault;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\State;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

final class TopologyTest extends TestCase
{
    public function test_islands_are_found_and_named(): void
    {
        $network = Plans::evaluate(Plans::series(3))->boat->states->network(State::Loaded);
        self::assertCount(1, Agreement::islands($network->topology));
        $islands = Agreement::islands(Fault::opened('b1+b2-')->in($network)->topology);
        self::assertCount(2, $islands);
        $with = static fn (string $node): array => array_values(array_filter($islands, static fn (array $island): bool => in_array($node, $island, true)))[0];
        self::assertContains('m1-', $with('b1-'), 'the motor\'s negative hangs on Battery 1');
        self::assertContains('m1+', $with('b3+'), 'its positive on the upper two');
        self::assertNotContains('b1+', $with('b2-'));
    }

    public function test_joins_and_references(): void
    {
        $topology = Plans::evaluate(Plans::pump())->boat->states->network(State::Loaded)->topology;
        self::assertTrue($topology->joins('b1+', 'd1-'));
        self::assertFalse($topology->joins('b1+', 'nowhere'));
        self::assertSame(-1, $topology->placeOf('b1-'), 'a battery\'s negative is the reference');
    }

    /** The order of elimination is a matter of speed: nodes observed or not, the volts are the same. */
    public function test_observed_nodes_change_the_order_and_nothing_else(): void
    {
        $network = Plans::evaluate(Plans::parallel())->boat->states->network(State::Loaded);
        $observed = \Dinghy\Circuit\Topology::of($network->sources, $network->resistors, $network->loads, ['screen+', 'screen-', 'light+']);
        self::assertGreaterThan(0, $observed->hidden);
        $other = new Network($network->sources, $network->resistors, $network->loads, $observed);
        foreach (array_keys($network->topology->index) as $node) {
            self::assertEqualsWithDelta($network->atRest()->between((string) $node, 'h1-'), $other->atRest()->between((string) $node, 'h1-'), 1e-9);
        }
    }

    /** One ampere more at the light moves the screen by the resistance that both share. */
    public function test_what_an_ampere_more_does_elsewhere(): void
    {
        $network = Plans::evaluate(Plans::parallel())->boat->states->network(State::Loaded);
        $own = $network->perAmpDrawn('light+', 'light-');
        self::assertEqualsWithDelta(-(float) $network->resistanceBetween('light+', 'light-'), (float) $own->between('light+', 'light-'), 1e-12);
        self::assertEqualsWithDelta((float) $own->between('screen+', 'screen-'), (float) $network->perAmpDrawn('screen+', 'screen-')->between('light+', 'light-'), 1e-12, 'and the other way round (reciprocity)');
    }
}
