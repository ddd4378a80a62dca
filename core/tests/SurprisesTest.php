<?php

declare(strict_types=1);

namespace Dinghy\Tests;

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

    private function says(string $pattern, float|string|null $figure): void
    {
        $page = (string) preg_replace('/\s+/', ' ', (string) file_get_contents(__DIR__.'/../../docs/surprises.md'));
        self::assertStringContainsString(sprintf($pattern, $figure), $page);
    }
}
