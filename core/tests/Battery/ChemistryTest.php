<?php

declare(strict_types=1);

namespace Dinghy\Tests\Battery;

use Dinghy\Battery\Chemistry;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The figures of each chemistry, from memory as many makers publish them, held by what comes of them. */
final class ChemistryTest extends TestCase
{
    /** 100 Ah by the 20 h rate, drawn with 10 A and 20 A, two and four times that rate: t = 20 h · (5/I)^k, Peukert 1897; worked by hand. */
    #[DataProvider('hours')]
    public function test_hours_beyond_the_rated_current(Chemistry $chemistry, float $twice, float $fourTimes): void
    {
        $battery = Plans::pump(['battery:b1' => ['chemistry' => $chemistry->value, 'hour_rate' => 20]])->plan()->batteries['b1'];

        self::assertEqualsWithDelta($twice, $battery->hoursAt(10), 0.005);
        self::assertEqualsWithDelta($fourTimes, $battery->hoursAt(20), 0.005);
        self::assertEqualsWithDelta(20.0, $battery->hoursAt(5), 1e-9);
    }

    /** @return array<string, array{Chemistry, float, float}> */
    public static function hours(): array
    {
        return [
            'flooded, k = 1.25' => [Chemistry::Flooded, 8.409, 3.536],
            'AGM, 1.12' => [Chemistry::Agm, 9.202, 4.234],
            'gel, 1.15' => [Chemistry::Gel, 9.013, 4.061],
            'LiFePO4, 1.04' => [Chemistry::LiFePO4, 9.727, 4.731],
        ];
    }

    /** By makers' tables of resting volts, from memory: full, half, and at the bottom, where a lead battery is not at its loaded cut-off of 10.5 V. */
    public function test_resting_volts(): void
    {
        $at = static fn (Chemistry $chemistry, array $charges): array => array_map(static fn (float $charge): float => round((float) RestingVoltage::at($chemistry, $charge, 12), 3), $charges);

        self::assertSame([12.73, 12.56, 12.37, 12.10, 11.885, 11.66, 11.35], $at(Chemistry::Flooded, [1.0, 0.85, 0.7, 0.5, 0.35, 0.2, 0.0]));
        self::assertSame([12.62, 12.50, 12.24, 11.96, 11.81, 11.51], $at(Chemistry::Flooded, [0.9, 0.8, 0.6, 0.4, 0.3, 0.1]));
        self::assertSame([12.85, 12.60, 12.45, 12.30, 12.00, 11.60], $at(Chemistry::Agm, [1.0, 0.75, 0.625, 0.5, 0.25, 0.0]));
        self::assertSame([12.85, 12.65, 12.35, 12.175, 12.00, 11.80], $at(Chemistry::Gel, [1.0, 0.75, 0.5, 0.375, 0.25, 0.0]));
        self::assertSame([13.60, 13.40, 13.32, 13.20, 13.10, 13.00, 12.90, 12.76, 12.30, 10.00], $at(Chemistry::LiFePO4, [1.0, 0.99, 0.9, 0.7, 0.4, 0.3, 0.2, 0.1, 0.05, 0.0]));
    }

    /** A 36 V bank of three blocks while it charges: 3 × 14.8, 14.7, 14.4, 14.6 V by makers' sheets. */
    public function test_what_a_bank_reaches_while_it_charges(): void
    {
        foreach ([[Chemistry::Flooded, 44.4], [Chemistry::Agm, 44.1], [Chemistry::Gel, 43.2], [Chemistry::LiFePO4, 43.8]] as [$chemistry, $volts]) {
            $plan = Plans::series(3, ['chemistry' => $chemistry->value])->plan();
            self::assertEqualsWithDelta($volts, $plan->feeds['main']->supply->highestVolts(), 1e-9, $chemistry->value);
        }
        self::assertNull(Plans::series(3, ['chemistry' => 'other-lithium'])->plan()->feeds['main']->supply->highestVolts());
    }

    /** Common practice: 0.2 C of flooded lead, 0.3 C of AGM, 0.5 C of LiFePO4; of 60 Ah 12, 18 and 30 A. */
    public function test_highest_charging_current(): void
    {
        $of = static fn (Chemistry $chemistry): float => round(60 * (float) $chemistry->highestChargingRate(), 6);
        self::assertSame([12.0, 18.0, 30.0], [$of(Chemistry::Flooded), $of(Chemistry::Agm), $of(Chemistry::LiFePO4)]);
        self::assertNull(Chemistry::Gel->highestChargingRate());
    }

    /** Common practice: 50 Ah taken ask lead for 57.5 Ah and LiFePO4 for 51.5 Ah. */
    public function test_what_must_be_given_back(): void
    {
        self::assertEqualsWithDelta(57.5, 50 * Chemistry::Gel->chargeFactor(), 1e-9);
        self::assertEqualsWithDelta(51.5, 50 * Chemistry::LiFePO4->chargeFactor(), 1e-9);
    }

    /** Common practice, working estimate: three blocks of 100 Ah in series into a short and under load, mΩ. */
    public function test_typical_resistance(): void
    {
        foreach ([[Chemistry::Flooded, 18, 15], [Chemistry::Agm, 12, 10.5], [Chemistry::Gel, 15, 13.5], [Chemistry::LiFePO4, 21, 9]] as [$chemistry, $sag, $short]) {
            $typical = $chemistry->typicalResistance();
            self::assertEqualsWithDelta($sag, 3000 * ($typical['sag'] ?? 0), 1e-9, $chemistry->value);
            self::assertEqualsWithDelta($short, 3000 * ($typical['short'] ?? 0), 1e-9, $chemistry->value);
        }
    }
}
