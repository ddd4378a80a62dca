<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Power;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\Power\SupplyFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Verdict;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The figures that ways of supply are compared by, and the line that says how a boat stands. */
final class SupplyFiguresTest extends TestCase
{
    /**
     * Two 100 Ah blocks give the screen's 2 A an ampere each; the light is no electronics. That is below the 5 A of the
     * 20-hour rate, so all 80 % of 100 Ah can be had: 80 h; at 20 °C LiFePO4 gives 1 − 0.12 · 5/25 of that.
     */
    public function test_hours_of_a_light_load_are_ah_to_the_floor_over_amps(): void
    {
        $document = Plans::changed(Plans::parallel(), ['plan' => ['house_rules.floor_soc.lifepo4' => 0.2]]);
        self::assertEqualsWithDelta(80.0 * 0.976, SupplyFigures::of(Plans::evaluate($document))->hours, 1e-9);
    }

    /** Above the rated current Peukert takes his share: 20 A from each block, 4 × the rated 5 A, k = 1.04 from memory. */
    public function test_hours_of_a_heavy_load_fall_faster(): void
    {
        $document = Plans::changed(Plans::parallel(), ['plan' => ['house_rules.floor_soc.lifepo4' => 0.2], 'device:screen' => ['typical_a' => 40, 'peak_a' => 40]]);
        self::assertEqualsWithDelta(0.976 * 0.8 * 20 / 4 ** 1.04, SupplyFigures::of(Plans::evaluate($document))->hours, 1e-9);
    }

    public function test_kilograms_are_known_only_when_every_battery_is_weighed(): void
    {
        $half = Plans::changed(Plans::parallel(), ['battery:h1' => ['mass_kg' => 11.5]]);
        self::assertNull(SupplyFigures::of(Plans::evaluate($half))->kilograms);
        $whole = Plans::changed($half, ['battery:h2' => ['mass_kg' => 12.25]]);
        self::assertSame(23.75, SupplyFigures::of(Plans::evaluate($whole))->kilograms);
    }

    /** Nothing drawn, nothing lost: the plug has the bank's volts. With everything on it has fewer, and no starter no cranking. */
    public function test_the_lowest_screen(): void
    {
        $figures = SupplyFigures::of(Plans::evaluate(Plans::parallel()));
        self::assertEqualsWithDelta(13.3, $figures->atRest, 1e-9);
        self::assertLessThan(13.3, $figures->everythingOn);
        self::assertGreaterThan(12.9, $figures->everythingOn);
        self::assertNull($figures->cranking);
        self::assertSame([0, 0, 0], [$figures->stops, $figures->decisions, $figures->brownOuts]);
    }

    /** The lower of two screens counts, whichever comes first. */
    public function test_of_two_screens_the_lower(): void
    {
        $far = (object) ['id' => 'far', 'kind' => 'display', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 2, 'peak_a' => 3];
        $branch = (object) ['id' => 'to-far', 'class' => 'electronics', 'fuse_a' => 5, 'run' => (object) ['length_m' => 9, 'gauge' => '16 AWG'], 'to' => (object) ['device' => 'far']];
        $evaluation = Plans::evaluate(Plans::parallel()->with(Patch::put('device:far', $far)->and(Patch::put('branch:to-far', $branch, 'block:fuses'))));
        $loaded = array_column(array_map(static fn ($volts): array => [$volts->device->id, $volts->loaded], $evaluation->boat->figures(PowerFigures::class)->devices), 1, 0);

        self::assertLessThan($loaded['screen'], $loaded['far']);
        self::assertSame($loaded['far'], SupplyFigures::of($evaluation)->everythingOn);
    }

    #[DataProvider('verdicts')]
    public function test_the_verdict_in_a_line(PlanDocument $document, int $decided, string $begins): void
    {
        self::assertStringStartsWith($begins, Verdict::of(Plans::evaluate($document), $decided));
    }

    /** @return array<string, array{PlanDocument, int, string}> */
    public static function verdicts(): array
    {
        $bare = ['battery:b1' => ['booted' => false]];
        $clad = ['feed:f1' => ['run.metal' => 'cca']];

        return [
            'good work' => [Plans::pump(), 0, 'No stops, nothing to decide.'],
            'one decision' => [Plans::pump($bare), 0, 'No stops, 1 to decide.'],
            'one decision, made' => [Plans::pump($bare), 1, 'No stops, nothing to decide.'],
            'a stop' => [Plans::pump($clad), 0, '1 stop'],
            'no bank at all' => [StandardAreas::areas()->format->document('{"format": "dinghy-plan", "version": 1, "boat": {"hull": "fibreglass", "fuel": "none"}, "survey": {}}'), 0, 'No stops, nothing to decide.'],
        ];
    }

    public function test_the_verdict_names_screen_and_motor(): void
    {
        self::assertMatchesRegularExpression('/Lowest screen 13\.\d V\.$/', Verdict::of(Plans::evaluate(Plans::parallel())));
        self::assertMatchesRegularExpression('/Motor 3\d\.\d V at 56 A\.$/', Verdict::of(Plans::evaluate(Plans::series(3))));
        self::assertStringEndsWith('1 not checked.', Verdict::of(Plans::evaluate(Plans::pump(['battery:b1' => ['booted' => Plans::UNKNOWN]]))));
    }
}
