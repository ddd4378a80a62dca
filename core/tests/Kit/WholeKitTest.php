<?php

declare(strict_types=1);

namespace Dinghy\Tests\Kit;

use Dinghy\Kit\Tool;
use Dinghy\Tests\Plans;

/** The rowing hull's kit, counted by hand from her plan with a pencil, item by item; copper weighed by hand. */
final class WholeKitTest extends KitCase
{
    /**
     * Her plan: a pair of 2.5 mm² from the pack over a blade fuse 0.1 m off the post to the block, 0.4 m; a pair of 2.5 mm² to the
     * screen, 0.4 m of way and 0.3 m of slack at both ends; a pair of 6 mm² to the sonar module in the same box, slack alone.
     */
    private const CUT = ['pack-feed+' => 0.1, 'pack-feed' => 0.4, 'br-screen' => 1.0, 'br-live-sonar' => 0.6];

    /** With a tenth of waste on wire; a fuse of each size and two spares; labels at both ends of four pieces. */
    private const LIST = [
        '2.5 mm2 red' => 0.11,
        '2.5 mm2 pair red/black' => 1.54,
        '6 mm2 pair red/black' => 0.66,
        // One on the positive post, one on the negative, both #10.
        'Ring terminal 2.5 mm², hole #10' => 2.0,
        // Both sides of the fuse holder.
        'Butt joint 2.5 mm²' => 2.0,
        // Plus and minus bus.
        'Ring terminal 2.5 mm², hole M5' => 2.0,
        // The circuit of the screen, both conductors; that of the module.
        'Ring terminal 2.5 mm², hole M4' => 2.0,
        'Step-down butt 2.5 mm² to 16 AWG' => 2.0,
        'Ring terminal 6 mm², hole M4' => 2.0,
        'Step-down butt 6 mm² to 14 AWG' => 2.0,
        'Label' => 8.0,
        'Blade fuse 15 A' => 3.0,
        'Holder for a blade fuse' => 1.0,
        'Blade fuse 5 A' => 3.0,
        'Blade fuse 7.5 A' => 3.0,
        'Switch 32 A' => 1.0,
        'Fuse block, 4 circuits' => 1.0,
        // 0.4 m of open way held every 0.45 m: at both ends. The rest is shorter than that, or as long as 0.6 m: both ends and once between.
        'Tie' => 5.0,
        'Bedding sealant, above the waterline, 290 ml' => 1.0,
        // Two hold the block; the hole of 20 mm is the switch's own.
        'Stainless screw for a 4 mm hole' => 2.0,
        'Network cable 1 m' => 1.0,
    ];

    public function test_wires_and_list(): void
    {
        $rowing = Plans::demo('boats/rowing');
        self::assertSame(self::CUT, self::lengths($rowing));
        self::assertEquals(self::LIST, self::list($rowing));
    }

    /** Conductors by hand: 0.1 · 2.5 + 2 · (0.4 + 1.0) · 2.5 + 2 · 0.6 · 6 = 14.45 mm²·m of copper at 8.89 kg/dm³ [pub IEC 60028]. */
    public function test_copper(): void
    {
        $mass = self::kit(Plans::demo('boats/rowing'))->mass;
        self::assertEqualsWithDelta(14.45e-6 * 8890, $mass->copper, 1e-9);
        self::assertGreaterThan($mass->copper, $mass->whole);
        self::assertLessThan(2.2 * $mass->copper, $mass->whole);
    }

    /** By the house rules 2 min a piece and 3 min an end: 4 pieces, 14 ends that are made. */
    public function test_bench_time(): void
    {
        self::assertSame(4 * 2.0 + 14 * 3.0, self::kit(Plans::demo('boats/rowing'))->minutes);
    }

    public function test_tools(): void
    {
        $tools = array_column(array_map(static fn (Tool $tool): array => ['name' => $tool->name, 'sizes' => $tool->sizes], self::kit(Plans::demo('boats/rowing'))->tools), 'sizes', 'name');
        self::assertSame(['blue nest', 'yellow nest'], $tools['Ratchet crimper for terminals with adhesive sleeves']);
        self::assertArrayNotHasKey('Hexagon crimper for heavy lugs', $tools);
        self::assertSame(['3/8 in', '8 mm', '7 mm'], $tools['Insulated spanner or nut driver']);
        self::assertSame(['2.5 mm²', '16 AWG', '6 mm²', '14 AWG'], $tools['Wire stripper']);
        self::assertSame(['16 mm'], $tools['Drill bit or hole saw']);
    }
}
