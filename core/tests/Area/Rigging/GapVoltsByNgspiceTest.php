<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\StepsDocument;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Measured;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** Every gap of the demo's boats and of fifty random ones, against ngspice on a netlist of the half-built boat. */
final class GapVoltsByNgspiceTest extends TestCase
{
    /** V: what leaks past a meter through 10¹³ Ω, and the simulator's digits */
    private const CLOSE = 0.001;

    public function test_the_demo_boats(): void
    {
        $gaps = 0;
        foreach (['boats', 'mistakes'] as $kind) {
            foreach (['skiff', 'console', 'pontoon', 'rowing', 'catamaran'] as $boat) {
                $gaps += self::compare(Plans::demo("{$kind}/{$boat}"), "{$kind}/{$boat}");
            }
        }
        self::assertGreaterThan(100, $gaps);
    }

    public function test_fifty_random_boats(): void
    {
        $seed = Seed::sown();
        $gaps = 0;
        for ($i = 0; $i < 50; $i++) {
            $gaps += self::compare($i % 2 === 0 ? RandomBoat::joined() : RandomBoat::document(), "SEED={$seed}, boat {$i}");
        }
        Measured::say("Gaps against ngspice, SEED={$seed}: {$gaps} of fifty random boats, each within ".(1000 * self::CLOSE).' mV');
        self::assertGreaterThan(500, $gaps);
    }

    /** @return int gaps that were compared */
    private static function compare(PlanDocument $document, string $which): int
    {
        $evaluation = Plans::evaluate($document);
        $printed = array_column(StepsDocument::of($evaluation->boat)['steps'], 'gap_v', 'id');
        $netlist = new HalfBuiltNetlist($document, $evaluation);
        $read = $netlist->gaps === [] ? [] : $netlist->read();
        foreach ($printed as $id => $volts) {
            if (isset($read[$id])) {
                // Where nothing joins the two sides a real meter shows nothing.
                self::assertEqualsWithDelta($volts ?? 0.0, $read[$id], self::CLOSE, "{$which}: {$id}");
            } else {
                self::assertNull($volts, "{$which}: {$id} has a gap that the drawing has not");
            }
        }

        return count($read);
    }
}
