<?php

declare(strict_types=1);

namespace Dinghy\Tests\Survey;

use Dinghy\Area\Survey\Figure\NeededPhotograph;
use Dinghy\Diagnosis\BatteryJudgement;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Survey\ComplaintKind;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SurveyTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $found
     */
    #[DataProvider('found')]
    public function test_a_battery_found_is_kept_or_not_and_why(array $found, string $verdict, string $because): void
    {
        $judged = self::judge($found);

        self::assertSame($verdict, $judged->verdict);
        self::assertStringContainsString($because, implode(', ', $judged->because));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function found(): array
    {
        $good = ['rested_v' => 12.65, 'capacity_ah' => 90, 'commissioned' => '2024-05'];

        return [
            'sound' => [$good, 'keep', 'charge'],
            'old' => [[...$good, 'commissioned' => '2020-11'], 'replace', 'it is 6 years old'],
            'a month short of old' => [[...$good, 'commissioned' => '2020-12'], 'keep', 'charge'],
            'lithium of that age' => [['chemistry' => 'lifepo4', 'rested_v' => 13.3, 'commissioned' => '2018-01'], 'keep', 'charge'],
            'flat' => [[...$good, 'rested_v' => 12.05], 'charge', 'charge it fully'],
            'below empty' => [[...$good, 'rested_v' => 11.2], 'replace', 'below an empty one'],
            'nobody measured' => [['capacity_ah' => 90], 'charge', 'not known'],
            // 6 mΩ a 100 Ah block are 6.67 mΩ at 90 Ah: twice that, 13.3 mΩ, at 40 A are 0.533 V.
            'sags too far' => [[...$good, 'loaded_v' => 12.11, 'loaded_a' => 40], 'replace', 'it gives way like one of 13.5 mΩ'],
            'sags a little' => [[...$good, 'loaded_v' => 12.13, 'loaded_a' => 40], 'keep', 'charge'],
            // A starting battery's label says its cranking amps: 3.24 V/650 A are 5 mΩ, twice that at 40 A are 0.4 V.
            'sags too far for its cranking amps' => [['rested_v' => 12.65, 'cca_a' => 650, 'loaded_v' => 12.24, 'loaded_a' => 40], 'replace', 'it gives way like one of 10.3 mΩ; 5 mΩ are usual'],
            'sags a little for its cranking amps' => [['rested_v' => 12.65, 'cca_a' => 650, 'loaded_v' => 12.26, 'loaded_a' => 40], 'keep', 'charge'],
            'a damaged post' => [[...$good, 'terminals' => 'damaged'], 'replace', 'a post is damaged'],
            'corroded and loose' => [[...$good, 'corrosion' => 'heavy', 'terminals' => 'loose', 'restrained' => false], 'keep', 'clean its posts, fasten it with proper nuts, hold it down'],
        ];
    }

    /** From memory: lead rests some 1.4 mV/K lower a 12 V block, and has about 80 % of its capacity at 0 °C. */
    public function test_charge_and_capacity_by_temperature(): void
    {
        $cold = self::judge(['rested_v' => 12.465, 'capacity_ah' => 100, 'celsius' => 0]);
        self::assertEqualsWithDelta(0.80, $cold->charge, 1e-6, '12.465 V at 0 °C are 12.50 V at 25 °C');
        self::assertEqualsWithDelta(80.0, $cold->usableAh, 1e-9);
        self::assertEqualsWithDelta(100.0, self::judge(['capacity_ah' => 100])->usableAh, 1e-9);
        self::assertEqualsWithDelta(0.95, self::judge(['chemistry' => 'lifepo4', 'rested_v' => 13.32 + 5 / 9 * 0.08, 'celsius' => 0])->charge, 1e-6, 'lithium reads the same');
        $flat = self::judge(['chemistry' => 'lifepo4', 'rested_v' => 13.2]);
        self::assertNull($flat->charge, 'between 90 and 30 % its volts say nothing');
        self::assertSame('keep', $flat->verdict);
        self::assertStringContainsString('ask its monitor', implode($flat->because));
    }

    /** 0.4 V at 40 A are 10 mΩ; of two of the three readings nothing is made. */
    public function test_resistance_takes_three_readings(): void
    {
        $all = ['rested_v' => 12.6, 'loaded_v' => 12.2, 'loaded_a' => 40];
        self::assertEqualsWithDelta(0.010, self::judge($all)->ohms, 1e-9);
        foreach (array_keys($all) as $missing) {
            self::assertNull(self::judge(array_diff_key($all, [$missing => 0]))->ohms, "without {$missing}");
        }
    }

    public function test_every_complaint_proposes_what_to_measure(): void
    {
        foreach (ComplaintKind::cases() as $kind) {
            self::assertNotSame('', $kind->label());
            self::assertGreaterThan(1, count($kind->measures()), $kind->value);
        }
        $byPaths = array_filter(ComplaintKind::cases(), static fn (ComplaintKind $kind): bool => $kind->asksForPathCheck());
        self::assertSame(['restarts', 'low-volts', 'nothing-works'], array_column($byPaths, 'value'));
        self::assertStringContainsString('a path check', ComplaintKind::LowVolts->measures()[0]);
    }

    /** Each compartment and the posts of each battery found; a deck is no compartment. */
    public function test_which_photographs_must_exist(): void
    {
        $needed = static fn (array $changes): array => array_map(static fn (NeededPhotograph $photograph): string => "{$photograph->of} {$photograph->taken}",
            NeededPhotograph::listFor(Plans::changed(Plans::routed(), $changes)->plan()));

        self::assertSame(['station:stern 1', 'post:old 1'], $needed([]));
        self::assertSame(['station:stern 1', 'station:bow 0', 'post:old 1'], $needed(['station:bow' => ['kind' => 'locker']]));
        self::assertSame(['station:stern 2', 'post:old 0'], $needed(['photograph:p2' => ['of' => 'station:stern']]));
    }

    /** @param  array<string, mixed>  $found */
    private static function judge(array $found): BatteryJudgement
    {
        $survey = (object) ['taken_on' => '2026-11-03', 'batteries' => [(object) ['id' => 'f', 'chemistry' => 'flooded', 'nominal_v' => 12, ...$found]]];
        $plan = Plans::changed(Plans::pump(), ['plan' => ['survey' => $survey]])->plan();

        return BatteryJudgement::of($plan->survey->batteries['f'] ?? self::fail(), '2026-11-03', new QuantityFormatter(Units::Metric));
    }
}
