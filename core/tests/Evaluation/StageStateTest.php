<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\StageState;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** How each stage of a boat stands: what is worst is said, and the first stage not in order is where she is. */
final class StageStateTest extends TestCase
{
    public function test_each_stage_says_its_worst(): void
    {
        $routed = Plans::routed();
        self::assertSame(['in order', 'in order', 'in order', 'not begun', 'not begun', '3 to measure', 'to do', 'to read'], self::states($routed));
        self::assertSame('sonar', StageState::current(Plans::evaluate($routed), [])->name);

        // A hole nobody looked behind stops, an antenna under metal is decided about: the stop is said.
        $layout = Plans::changed($routed, ['hole:hole' => ['behind' => Plans::UNKNOWN], 'device:antenna' => ['sky' => 'under-metal']]);
        self::assertSame(['in order', '1 stop', 'in order', 'not begun', 'not begun', '3 to measure', 'to do', 'to read'], self::states($layout));
        self::assertSame('layout', StageState::current(Plans::evaluate($layout), [])->name);

        $unknown = Plans::changed($routed, ['device:antenna' => ['sky' => Plans::UNKNOWN]]);
        self::assertSame(['in order', 'not all checked', 'in order', 'not begun', 'not begun', '3 to measure', 'to do', 'to read'], self::states($unknown));
        self::assertSame('1 to photograph', self::states(Plans::changed($routed, ['photograph:p2' => ['of' => 'other']]))[0]);
        self::assertSame('not begun', self::states(Plans::changed($routed, ['plan' => ['survey' => Plans::UNKNOWN]]))[0]);
    }

    /** A day is not said to be in order before it was run. */
    public function test_what_takes_longer_is_not_run_until_it_is(): void
    {
        $day = static fn (float $hours): Plan => Plans::changed(Plans::pump(), ['battery:b1' => ['soc' => 1.0], 'plan' => ['trip' => (object) ['phases' => [(object) ['hours' => $hours, 'on' => (object) ['d1' => 1]]]]]])->plan();
        $states = static fn (Plan $plan, bool $whole): string => StageState::allOf(StandardAreas::areas()->evaluate($plan, whole: $whole), [])[4]->says;
        self::assertSame(['not run', 'in order'], [$states($day(1), false), $states($day(1), true)]);
        self::assertSame(['not run', '1 to decide'], [$states($day(9), false), $states($day(9), true)]);
    }

    /** What somebody decided about with a reason is in order, until its figures change. */
    public function test_what_is_decided_is_in_order(): void
    {
        $plan = Plans::changed(Plans::routed(), ['device:antenna' => ['sky' => 'screened']]);
        $evaluation = Plans::evaluate($plan);
        self::assertSame('1 to decide', self::states($plan)[1]);
        $occasions = array_map(static fn ($finding): string => $finding->occasion(), $evaluation->findings);
        self::assertSame('sonar', StageState::current($evaluation, $occasions)->name);
        self::assertSame('in order', self::states(Plans::sounding())[3]);
    }

    /** @return list<string> */
    private static function states(PlanDocument $plan): array
    {
        return array_map(static fn (StageState $state): string => $state->says, StageState::allOf(Plans::evaluate($plan), []));
    }
}
