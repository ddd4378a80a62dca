<?php

declare(strict_types=1);

namespace Dinghy\Tests\Battery;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Battery\Cells;
use Dinghy\Battery\Chemistry;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Battery\UsableShare;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Volts follow the cells, not the label. */
final class CellsTest extends TestCase
{
    #[DataProvider('labels')]
    public function test_cells_behind_a_label(Chemistry $chemistry, float $label, ?int $cells): void
    {
        self::assertSame($cells, Cells::of($chemistry, $label));
    }

    /** @return list<array{Chemistry, float, int|null}> common practice: how batteries are labelled */
    public static function labels(): array
    {
        return [
            [Chemistry::LiFePO4, 12, 4], [Chemistry::LiFePO4, 12.8, 4], [Chemistry::LiFePO4, 24, 8], [Chemistry::LiFePO4, 25.6, 8], [Chemistry::LiFePO4, 36, 12],
            [Chemistry::LiFePO4, 38.4, 12], [Chemistry::LiFePO4, 48, 16], [Chemistry::LiFePO4, 51.2, 16], [Chemistry::LiFePO4, 13, null], [Chemistry::LiFePO4, 3.2, null],
            [Chemistry::Flooded, 6, 3], [Chemistry::Agm, 12, 6], [Chemistry::Gel, 36, 18], [Chemistry::Agm, 13, null], [Chemistry::OtherLithium, 12, null],
        ];
    }

    /** A LiFePO4 cell is full at 3.65 V and rests full at 3.40 V, from memory: four of them, whatever stands on the case. */
    public function test_volts_follow_the_cells(): void
    {
        foreach ([12 => 4, 24 => 8, 48 => 16] as $label => $cells) {
            foreach ([$label, $label * 12.8 / 12] as $printed) {
                self::assertEqualsWithDelta(3.40 * $cells, RestingVoltage::at(Chemistry::LiFePO4, 1.0, $printed), 1e-9, "{$printed} V");
            }
        }
        $charging = static fn (float $label): ?float => Plans::pump(['battery:b1' => ['chemistry' => 'lifepo4', 'nominal_v' => $label]])->plan()->batteries['b1']->highestChargingVolts();
        self::assertEqualsWithDelta(4 * 3.65, $charging(12.8), 1e-9);
        self::assertEqualsWithDelta(12 * 3.65, $charging(38.4), 1e-9);
        self::assertNull($charging(14.8));
    }

    /** What nobody knows is not invented: a lithium battery of another kind is not checked, nor is a label without known cells. */
    public function test_unknown_cells_are_not_checked(): void
    {
        foreach ([['chemistry' => 'other-lithium'], ['chemistry' => 'lifepo4', 'nominal_v' => 14]] as $battery) {
            $evaluation = Plans::evaluate(Plans::pump(['battery:b1' => [...$battery, 'internal_mohm' => Plans::UNKNOWN, 'rested_v' => Plans::UNKNOWN]]));
            self::assertNull($evaluation->boat->figures(PowerFigures::class)->devices[0]->rest);
            self::assertNull($evaluation->boat->figures(PowerFigures::class)->banks[0]->restedVolts);
            self::assertContains('D02 device:d1', array_map(static fn ($unchecked): string => "{$unchecked->rule->code} {$unchecked->on}", $evaluation->unchecked));
            self::assertNotContains('D01', array_map(static fn ($finding): string => $finding->rule->code, $evaluation->findings));
        }
    }

    /** Measured, other lithium has volts at rest and loaded; what it has full or at its floor only its maker knows. */
    public function test_other_lithium_is_judged_by_what_was_measured(): void
    {
        $evaluation = Plans::evaluate(Plans::pump(['battery:b1' => ['chemistry' => 'other-lithium', 'rested_v' => 13.0]]));
        self::assertEqualsWithDelta(13.0, $evaluation->boat->figures(PowerFigures::class)->devices[0]->rest, 1e-9);
        self::assertNotNull($evaluation->boat->figures(PowerFigures::class)->devices[0]->loaded);
        self::assertNull($evaluation->boat->figures(PowerFigures::class)->devices[0]->lowest);
        self::assertNull($evaluation->boat->figures(PowerFigures::class)->banks[0]->shortCircuitAmps);
        self::assertFalse($evaluation->boat->knowsShorts($evaluation->boat->runs['f1']));
        $unchecked = array_map(static fn ($one): string => "{$one->rule->code} {$one->needs}", $evaluation->unchecked);
        foreach (['D02', 'F05', 'F11'] as $rule) {
            self::assertContains("{$rule} its maker's volts by charge, of the batteries of the house bank", $unchecked);
        }
    }

    /** A battery that rests below its floor does not rise to it when everything is on. */
    public function test_lowest_is_never_above_loaded(): void
    {
        $device = Plans::evaluate(Plans::pump(['battery:b1' => ['rested_v' => 11.7], 'device:d1' => ['peak_a' => 8]]))->boat->figures(PowerFigures::class)->devices[0];

        self::assertEqualsWithDelta($device->loaded, $device->lowest, 1e-9);
    }

    /** From memory: 80 % (lead) and 88 % (LiFePO4) at 0 °C, all from 25 °C up. */
    public function test_the_share_that_the_cold_leaves(): void
    {
        self::assertSame([1.0, 1.0], [UsableShare::at(Chemistry::Agm, 25), UsableShare::at(Chemistry::LiFePO4, 40)]);
        self::assertEqualsWithDelta(0.80, UsableShare::at(Chemistry::Flooded, 0), 1e-9);
        self::assertEqualsWithDelta(0.94, UsableShare::at(Chemistry::LiFePO4, 12.5), 1e-9);
        self::assertEqualsWithDelta(0.64, UsableShare::at(Chemistry::Gel, -20), 1e-9);
        self::assertSame(0.5, UsableShare::at(Chemistry::Gel, -60));
    }
}
