<?php

declare(strict_types=1);

namespace Dinghy\Tests\Sonar;

use Dinghy\Network\DataNetwork;
use Dinghy\Sonar\Band;
use Dinghy\Sonar\BeamFootprint;
use Dinghy\Sonar\DepthFrom;
use Dinghy\Sonar\SoundSpeed;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

final class SoundTest extends TestCase
{
    /** Marczak 1997 puts the fastest fresh water at 74 °C; ice water carries 1402.4 m/s and a room's 1482.4, as Del Grosso and Mader measured (1972, from memory). */
    public function test_sound_in_fresh_water(): void
    {
        self::assertEqualsWithDelta(1402.39, SoundSpeed::fresh(0), 0.01);
        self::assertEqualsWithDelta(1482.34, SoundSpeed::fresh(20), 0.05);
        self::assertEqualsWithDelta(1555.1, SoundSpeed::fresh(74), 0.1);
        self::assertLessThan(SoundSpeed::fresh(74), SoundSpeed::fresh(80));
    }

    /** Medwin 1975, worked by hand: 10 °C, 35 g/kg, 100 m: 1449.2 + 46 − 5.5 + 0.29 + 0 + 1.6. */
    public function test_sound_in_sea_water(): void
    {
        self::assertEqualsWithDelta(1491.59, SoundSpeed::sea(10, 35, 100), 1e-9);
        // Five parts less salt: 5 · (1.34 − 0.1) slower.
        self::assertEqualsWithDelta(6.2, SoundSpeed::sea(10, 35, 0) - SoundSpeed::sea(10, 30, 0), 1e-9);
    }

    public function test_how_far_the_shown_depth_is_out(): void
    {
        // In a cold lake sound is slower than reckoned: it is shallower than shown.
        self::assertEqualsWithDelta(20 * (1447.3 / 1500 - 1), SoundSpeed::error(20, SoundSpeed::fresh(10)), 0.01);
        self::assertSame(0.0, SoundSpeed::error(20, 1500));
    }

    /** By trigonometry: 60° at 10 m are 2 · 10 · tan 30°. */
    public function test_what_a_beam_covers(): void
    {
        self::assertEqualsWithDelta(20 / sqrt(3), BeamFootprint::across(10, 60), 1e-9);
        self::assertEqualsWithDelta(2.0, BeamFootprint::across(1, 90), 1e-9);
    }

    public function test_bands_overlap_by_more_than_an_edge(): void
    {
        $band = new Band(100, 200);
        self::assertTrue($band->overlaps(new Band(199.9, 300)));
        self::assertFalse($band->overlaps(new Band(200, 300)));
        self::assertTrue($band->overlaps(new Band(120, 130)));
        self::assertEquals(new Band(150, 200), $band->sharedWith(new Band(150, 300)));
    }

    /** Draught 0.95 m, transducer at the skeg: 0.95 m below the surface, and nothing of the boat lies deeper. */
    public function test_the_offset_of_a_depth(): void
    {
        $transducer = Plans::changed(Plans::sounding(), ['transducer:t1' => ['below_water_m' => 0.95, 'above_keel_m' => 0]])->plan()->part(DataNetwork::class)?->transducers['t1'];
        self::assertNotNull($transducer);
        // 0.70 m shown: 1.65 m of water.
        self::assertEqualsWithDelta(1.65, 0.70 + (DepthFrom::Surface->offsetOf($transducer) ?? 0), 1e-9);
        self::assertEqualsWithDelta(0.0, DepthFrom::Keel->offsetOf($transducer), 1e-9);
        self::assertSame(0.0, DepthFrom::Transducer->offsetOf($transducer));
    }
}
