<?php

declare(strict_types=1);

namespace Dinghy\Tests;

use Dinghy\Charging\Night;
use Dinghy\LayUp\LayUp;
use Dinghy\Rule\Finding;
use Dinghy\Wiring\SizingMethods;
use PHPUnit\Framework\TestCase;

/** docs/surprises.md says what the core computes. */
final class SurprisesTest extends TestCase
{
    /** Common practice: what people hope for is a day. */
    public function test_hours_on_one_battery(): void
    {
        $battery = static fn (array $fields) => Plans::pump(['battery:b1' => $fields])->plan()->batteries['b1'];
        $house = $battery(['chemistry' => 'flooded', 'capacity_ah' => 98]);
        $box = $battery(['chemistry' => 'lifepo4', 'capacity_ah' => 18]);

        $this->says('**%.1f h**. The portable', $house->hoursToFloor(4 * 1.8 + 4.8, 0.5, 20));
        $this->says('gives **%.1f h**', $box->hoursToFloor(1.6 + 4.8, 0.1, 20));
    }

    public function test_the_chart_against_the_arithmetic(): void
    {
        $run = Plans::evaluate(Plans::series(3))->boat->runs['main'];
        $methods = SizingMethods::of($run);
        $rungs = [];
        foreach ($run->options() as $rung) {
            $rungs[$rung->gauge->name] = $rung;
        }
        $this->says('chart says **%s**', $methods->bandChart?->name);
        $this->says('arithmetic **%s** loses', $methods->arithmetic?->name);
        $this->says('loses %.1f %% of 36 V', $rungs['8 AWG']->dropPercent);
        $this->says('%.1f kg of copper against', $rungs['4 AWG']->kilograms);
        $this->says('against %.1f kg', $rungs['8 AWG']->kilograms);
        $bundled = Plans::evaluate(Plans::changed(Plans::series(3), ['feed:main' => ['run.bundled' => 6, 'run.gauge' => null]]))->boat->runs['main'];
        $this->says('then asks for %s', $bundled->gauge->name);
    }

    public function test_the_short_circuit_of_a_36_volt_bank(): void
    {
        $breaker = [(object) ['family' => 'breaker', 'rating_a' => 60, 'from_source_m' => 0.15]];
        $findings = array_filter(Plans::evaluate(Plans::changed(Plans::series(3), ['feed:main' => ['protection' => $breaker]]))->findings, static fn (Finding $finding): bool => $finding->rule->code === 'F05');
        $figures = array_values($findings)[0]->figures;

        $this->says('draws **%.1f kA**', $figures['needed_a'] / 1000);
        $this->says('to break %.1f kA', $figures['breaking_a'] / 1000);
    }

    public function test_two_batteries_against_one(): void
    {
        $battery = Plans::pump(['battery:b1' => ['chemistry' => 'flooded', 'capacity_ah' => 98]])->plan()->batteries['b1'];
        $this->says('20 °C: **%.1f h** and', $battery->hoursToFloor(12, 0.5, 20));
        $this->says('and **%.1f h**. Shared', $battery->hoursToFloor(6, 0.5, 20));
    }

    public function test_the_slow_end_of_the_night(): void
    {
        foreach ([['10 A fill it in **%.1f h**', 10], ['20 A in **%.1f h**', 20], ['sensibly takes, in **%.1f h**', 30]] as [$says, $amps]) {
            $boat = Plans::changed(Plans::pump(), ['plan' => ['trip' => ['ambient_c' => 20]], 'charger:c1' => ['outputs' => [['battery' => 'b1', 'amps' => $amps, 'profile' => 'agm', 'fuse_at' => 'battery']]]]);
            $this->says($says, (new Night($boat->plan(), ['b1' => 0.5]))->batteries['b1']->fullAfter);
        }
    }

    public function test_a_module_on_standby(): void
    {
        $boat = Plans::evaluate(Plans::changed(Plans::pump(), ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 0.1]]))->boat;
        $left = static fn (float $days, float $celsius): LayUp => LayUp::of($boat->wiring, $boat->plan->houseRules, $boat->plan->banks['house'], $days, $celsius);
        $this->says('half empty after **%d days** at 20 °C', (string) floor($left(30, 20)->daysToFloor() ?? 0));
        $this->says('flat after **%d days**', (string) floor($left(30, 20)->daysToEmpty() ?? 0));
        $this->says('lasts **%d days** to its half', (string) floor($left(30, 20)->daysToFloorSwitchedOff() ?? 0));
        $this->says('at 5 °C **%d days**', (string) floor($left(180, 5)->daysToFloorSwitchedOff() ?? 0));
    }

    private function says(string $pattern, float|string|null $figure): void
    {
        $page = (string) preg_replace('/\s+/', ' ', (string) file_get_contents(__DIR__.'/../../docs/surprises.md'));
        self::assertStringContainsString(sprintf($pattern, $figure), $page);
    }
}
