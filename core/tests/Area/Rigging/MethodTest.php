<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Method\Method;
use Dinghy\Area\Rigging\Method\Methods;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a step is done: in words that hold for its part, with that part's own figures. */
final class MethodTest extends TestCase
{
    #[DataProvider('boats')]
    public function test_every_step_says_how_it_is_done(string $boat): void
    {
        $evaluation = Plans::evaluate(Plans::demo("boats/{$boat}"));
        $methods = new Methods($evaluation->boat);
        foreach ($evaluation->boat->figures(Steps::class)->all as $step) {
            $method = $methods->of($step);
            self::assertNotSame([], $method->how, $step->id);
            foreach ([...$method->how, ...array_filter([$method->caution])] as $sentence) {
                self::assertMatchesRegularExpression('/^\p{Lu}|^\d|^[a-z0-9]+ /u', $sentence, $step->id);
                self::assertMatchesRegularExpression('/[.?]\s*$/u', $sentence, "{$step->id}: {$sentence}");
                self::assertStringNotContainsString('  ', $sentence);
            }
            foreach ($method->figures as $figure) {
                self::assertNotSame('', trim($figure['value']), $step->id);
            }
            // Whoever can be hurt is told so where the hand is.
            if (in_array($step->kind, [StepKind::MakeSafe, StepKind::Energise, StepKind::StripOut], true) || ($step->kind === StepKind::Connect && $step->post !== null)) {
                self::assertNotNull($method->caution, $step->id);
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function boats(): iterable
    {
        return WorkTest::boats();
    }

    public function test_boats_that_nobody_would_build_have_their_methods_too(): void
    {
        Seed::sown();
        for ($boat = 0; $boat < 15; $boat++) {
            $evaluation = Plans::evaluate(RandomBoat::document());
            $methods = new Methods($evaluation->boat);
            foreach ($evaluation->boat->figures(Steps::class)->all as $step) {
                self::assertNotSame([], $methods->of($step)->how, $step->id);
            }
        }
    }

    /**
     * By hand from the demo's own parts: a 4 AWG lug on a 3/8 stud, the 36 V feed, the tiller's transducer.
     *
     * @param  array<string, string>  $figures
     */
    #[DataProvider('figures')]
    public function test_figures_of_its_own_part(string $step, array $figures, ?string $says = null): void
    {
        $method = self::method(Plans::evaluate(Plans::demo('boats/skiff')), $step);
        $told = array_column($method->figures, 'value', 'label');
        foreach ($figures as $label => $value) {
            self::assertSame($value, $told[$label] ?? null, $step);
        }
        $says === null || self::assertStringContainsString($says, implode(' ', $method->how));
    }

    /** @return array<string, array{0: string, 1: array<string, string>, 2?: string}> */
    public static function figures(): array
    {
        return [
            'a spanner for the stud' => ['connect:bank:thrust:jumper:b1+b2-@b1+', ['spanner' => '9/16 in', 'stud' => '3/8', 'torque' => 'by its maker'], 'Boot over the post'],
            'a minus has no boot' => ['connect:bank:thrust:jumper:b1+b2-@b2-', ['spanner' => '1/2 in', 'stud' => '5/16'], 'Turn the ring'],
            'the fuse that belongs there' => ['energise:branch:br-hub', ['fuse or breaker' => '3 A']],
            'a plug with pins' => ['plug-in:network-cable:net-bow', [], 'Never twist'],
            'what it draws' => ['commission:bow-display', ['draws about' => '2.1 A'], 'marks and tracks'],
            'a motor at its peak' => ['commission:motor', ['draws at most' => '56 A']],
            'below the surface by what lies under it' => ['commission:transducer:transom-transducer', ['depth offset' => '5 7/8 in'], 'from the surface'],
            'by its moulded plug' => ['pull:transducer:transom-transducer', ['bend no tighter than' => '1.57 in', 'plug' => '0.63 in'], 'plug goes first'],
            'a hole of its own' => ['drill:hole-tiller', ['behind it' => 'Gunwale tube, no foam, two old wires tied aside'], 'grommet'],
            'how long it stands' => ['wait:charged:thrust', ['stands for' => '12 h 00']],
        ];
    }

    public function test_in_the_units_that_are_asked_for(): void
    {
        $plan = Plans::demo('boats/skiff')->plan();
        $metric = StandardAreas::areas()->evaluate($plan, Units::Metric);
        self::assertSame('40 mm', array_column(self::method($metric, 'pull:transducer:transom-transducer')->figures, 'value', 'label')['bend no tighter than']);
        // 6 AWG, by the table of strip lengths for lugs.
        $strip = static fn (Evaluation $boat): string => array_column(self::method($boat, 'terminate:house-')->figures, 'value', 'label')['strip'];
        self::assertMatchesRegularExpression('/^\d+ mm$/', $strip($metric));
        self::assertEqualsWithDelta((float) $strip($metric) / 25.4, (float) $strip(StandardAreas::areas()->evaluate($plan, Units::Imperial)), 0.03);
    }

    private static function method(Evaluation $boat, string $id): Method
    {
        $step = $boat->boat->figures(Steps::class)->find($id) ?? self::fail("No step {$id}.");

        return (new Methods($boat->boat))->of($step);
    }
}
