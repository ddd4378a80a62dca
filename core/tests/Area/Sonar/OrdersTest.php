<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Sonar;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Area\Sonar\Proposal\AddExtension;
use Dinghy\Area\Sonar\Proposal\Order;
use Dinghy\Area\Sonar\Proposal\Orders;
use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Rule\Finding;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

final class OrdersTest extends TestCase
{
    private const BOTH = ['depth', 'temperature'];

    public function test_nothing_is_to_order_where_everything_joins(): void
    {
        self::assertSame([], self::orders(Plans::sounding(), self::adapters(), self::hubs()));
    }

    public function test_the_adapter_that_is_missing_is_ordered_and_mends_it(): void
    {
        $boat = Plans::sounding()->with(Patch::remove('adapter:a1'));
        self::assertContains('N02 transducer:t1', self::stops($boat));

        $orders = self::orders($boat, self::adapters(), []);

        // Fewest first, then what loses least; two in line only where one does not pass everything.
        self::assertSame([[['Six to eight'], []], [['Six to eight, depth alone'], ['temperature']]], self::told($orders));
        foreach ($orders as $order) {
            self::assertSame('transducer:t1', $order->on);
        }
        self::assertNotContains('N02 transducer:t1', self::stops($boat->with($orders[0]->patch)));
        self::assertContains('N02 transducer:t1', self::stops($boat->with($orders[1]->patch)), 'what it loses stays said');
        self::assertSame('Six to eight', $boat->with($orders[0]->patch)->partsOf('adapter')['six-to-eight']->part);
    }

    public function test_two_in_line_where_one_alone_loses_something(): void
    {
        $boat = Plans::sounding()->with(Patch::remove('adapter:a1'));
        $offered = [
            'Six to eight, depth alone' => self::adapter('sonar-6', 'sonar-8', ['depth']),
            'Six to nine' => self::adapter('sonar-6', 'sonar-9', self::BOTH),
            'Nine to eight' => self::adapter('sonar-9', 'sonar-8', self::BOTH),
            'Elsewhere' => self::adapter('sonar-7', 'sonar-8', self::BOTH),
        ];

        self::assertSame([[['Six to eight, depth alone'], ['temperature']], [['Six to nine', 'Nine to eight'], []]], self::told(self::orders($boat, $offered, [])));
    }

    public function test_of_an_adapter_that_loses_something_only_a_better_one_is_offered(): void
    {
        $boat = Plans::sounding()->with(Patch::set('adapter:a1', ['passes' => ['depth']]));

        self::assertSame([[['Six to eight'], []]], self::told(self::orders($boat, self::adapters(), [])));
    }

    public function test_what_lies_aboard_unused_is_part_of_the_way(): void
    {
        $boat = Plans::sounding()->with(Patch::set('adapter:a1', ['from' => 'sonar-9']));
        $orders = self::orders($boat, ['Six to nine' => self::adapter('sonar-6', 'sonar-9', self::BOTH)], []);

        self::assertSame([[['Six to nine'], []]], self::told($orders));
        self::assertSame(['six-to-nine', 'a1'], $boat->with($orders[0]->patch)->partsOf('transducer')['t1']->via);
    }

    public function test_a_full_hub_gives_way_to_the_smallest_that_has_the_ports(): void
    {
        $boat = Plans::sounding()->with(Patch::set('device:hub', ['network_ports' => 1]));
        self::assertContains('N01 device:hub', self::stops($boat));

        $orders = self::orders($boat, [], self::hubs());

        self::assertSame([[['Hub of 3']]], array_map(static fn (Order $order): array => [$order->parts], $orders));
        $after = $boat->with($orders[0]->patch);
        self::assertNotContains('N01 device:hub', self::stops($after));
        self::assertSame(3, $after->partsOf('device')['hub']->network_ports);
        self::assertSame([], self::orders($boat, [], ['Hub of 1' => self::hub(1)]), 'none is large enough');
    }

    public function test_a_screen_whose_only_port_is_taken_gets_a_hub_beside_it(): void
    {
        $boat = Plans::sounding()->with(Patch::put('network-cable:n3', (object) ['id' => 'n3', 'from' => 'screen', 'to' => 'module', 'length_m' => 2]))
            ->with(Patch::set('device:module', ['network_ports' => 2]));
        self::assertContains('N01 device:screen', self::stops($boat));

        $orders = self::orders($boat, [], self::hubs());

        self::assertSame([[['Hub of 3'], []]], self::told($orders));
        $after = $boat->with($orders[0]->patch);
        self::assertNotContains('N01 device:screen', self::stops($after));
        self::assertSame(['hub-of-3', 'module'], [$after->partsOf('network-cable')['n3']->from, $after->partsOf('network-cable')['n3']->to]);
    }

    /** t1 needs 3.9 m. */
    public function test_a_short_cable_gets_the_shortest_extension_of_its_plug_that_reaches(): void
    {
        $boat = Plans::changed(Plans::sounding(), ['transducer:t1' => ['cable_m' => 2.0, 'extendable' => true]]);
        self::assertContains('N08 transducer:t1', self::stops($boat));
        $offered = [
            'Six, 6 m' => (object) ['plug' => 'sonar-6', 'length_m' => 6],
            'Six, 1.8 m' => (object) ['plug' => 'sonar-6', 'length_m' => 1.8],
            'Six, 1.9 m' => (object) ['plug' => 'sonar-6', 'length_m' => 1.9],
            'Eight, 2 m' => (object) ['plug' => 'sonar-8', 'length_m' => 2],
        ];

        $orders = self::orders($boat, [], [], $offered);

        self::assertSame([[['Six, 1.9 m'], []]], self::told($orders));
        $after = $boat->with($orders[0]->patch);
        self::assertNotContains('N08 transducer:t1', self::stops($after));
        self::assertEquals([(object) ['part' => 'Six, 1.9 m', 'length_m' => 1.9]], $after->partsOf('transducer')['t1']->extensions);
        foreach ([false, Plans::UNKNOWN] as $extendable) {
            self::assertSame([], self::orders(Plans::changed($boat, ['transducer:t1' => ['extendable' => $extendable]]), [], [], $offered), 'only where its maker has any');
        }
        self::assertSame([], self::orders(Plans::changed($after, ['transducer:t1' => ['cable_m' => 1.0]]), [], [], $offered), 'never two in line');
    }

    public function test_an_extension_is_put_on_the_cable_that_it_fits(): void
    {
        $plan = Plans::sounding()->plan();
        foreach (['t9' => 'no transducer t9', 't2' => 'takes another plug'] as $transducer => $says) {
            try {
                AddExtension::to($plan, $transducer, (object) ['part' => 'Six', 'plug' => 'sonar-6', 'length_m' => 2]);
                self::fail("{$transducer} took it");
            } catch (ProposalRefused $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
    }

    /**
     * @param  array<string, \stdClass>  $adapters
     * @param  array<string, \stdClass>  $hubs
     * @param  array<string, \stdClass>  $extensions
     * @return list<Order>
     */
    private static function orders(PlanDocument $boat, array $adapters, array $hubs, array $extensions = []): array
    {
        $solved = StandardAreas::areas()->evaluate($boat->plan())->boat;

        return Orders::of($solved->plan, $boat, $solved->figures(SonarFigures::class), $adapters, $hubs, $extensions);
    }

    /**
     * @param  list<Order>  $orders
     * @return list<array{list<string>, list<string>}> parts and what is lost
     */
    private static function told(array $orders): array
    {
        return array_map(static fn (Order $order): array => [$order->parts, array_column($order->lost, 'value')], $orders);
    }

    /** @return list<string> rule and part */
    private static function stops(PlanDocument $boat): array
    {
        return array_map(
            static fn (Finding $finding): string => "{$finding->rule->code} {$finding->on}",
            StandardAreas::areas()->evaluate($boat->plan())->findings,
        );
    }

    /** @return array<string, \stdClass> */
    private static function adapters(): array
    {
        return [
            'Six to eight, depth alone' => self::adapter('sonar-6', 'sonar-8', ['depth']),
            'Six to eight' => self::adapter('sonar-6', 'sonar-8', self::BOTH),
        ];
    }

    /** @param  list<string>  $passes */
    private static function adapter(string $from, string $to, array $passes): \stdClass
    {
        return (object) ['from' => $from, 'to' => $to, 'passes' => $passes];
    }

    /** @return array<string, \stdClass> */
    private static function hubs(): array
    {
        return ['Hub of 8' => self::hub(8), 'Hub of 3' => self::hub(3)];
    }

    private static function hub(int $ports): \stdClass
    {
        return (object) ['kind' => 'network-hub', 'v_min' => 9, 'v_max' => 32, 'typical_a' => 0.3, 'peak_a' => 0.5, 'network_ports' => $ports];
    }
}
