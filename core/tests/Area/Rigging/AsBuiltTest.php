<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\AsBuilt;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\QuantityRefused;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What turned out otherwise, as the change of the plan that it is. */
final class AsBuiltTest extends TestCase
{
    public function test_a_run_that_went_the_other_side_is_longer(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $was = $boat->boat->runs['bow-motor']->length ?? 0.0;
        $patch = AsBuilt::Longer->patch(self::step($boat, 'pull:bow-motor-'), $boat->boat, '1.2 m', Units::Metric);
        $after = Plans::evaluate(Plans::demo('boats/skiff')->with($patch));
        self::assertEqualsWithDelta($was + 1.2, $after->boat->runs['bow-motor']->length, 0.006);
        self::assertGreaterThan($boat->boat->runs['bow-motor']->drop, $after->boat->runs['bow-motor']->drop, 'it is judged anew');
        // Said twice, it is longer by both.
        $again = Plans::demo('boats/skiff')->with($patch);
        $twice = $again->with(AsBuilt::Longer->patch(self::step($after, 'pull:bow-motor-'), $after->boat, '4 ft', Units::Metric));
        self::assertEqualsWithDelta($was + 1.2 + 1.2192, Plans::evaluate($twice)->boat->runs['bow-motor']->length, 0.011);
        $shorter = AsBuilt::Shorter->patch(self::step($boat, 'pull:bow-motor-'), $boat->boat, '0.5', Units::Metric);
        self::assertEqualsWithDelta($was - 0.5, Plans::evaluate(Plans::demo('boats/skiff')->with($shorter))->boat->runs['bow-motor']->length, 0.006);
    }

    public function test_another_wire_and_another_fuse(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $wire = AsBuilt::Gauge->patch(self::step($boat, 'label:bow-motor-'), $boat->boat, '14 AWG', Units::Imperial);
        $after = Plans::evaluate(Plans::demo('boats/skiff')->with($wire));
        self::assertSame('14 AWG', $after->boat->runs['bow-motor']->gauge->name);
        self::assertContains('feed:bow-motor', array_map(static fn ($finding): string => $finding->on, $after->findings), 'and a stop says so');
        foreach (['energise:feed:house' => 'house', 'energise:branch:br-hub' => 'br-hub'] as $id => $run) {
            $fuse = AsBuilt::Fuse->patch(self::step($boat, $id), $boat->boat, '50 A', Units::Imperial);
            self::assertSame(50.0, Plans::evaluate(Plans::demo('boats/skiff')->with($fuse))->boat->runs[$run]->lastRating());
        }
    }

    public function test_only_what_can_be_otherwise_at_a_step(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $at = static fn (string $id): array => array_map(static fn (AsBuilt $one): string => $one->value, AsBuilt::at(self::step($boat, $id), $boat->boat));
        self::assertSame(['longer', 'shorter', 'gauge'], $at('pull:bow-motor-'));
        self::assertSame(['fuse'], $at('energise:feed:house'));
        self::assertSame([], $at('photograph:stern'));
        self::assertSame([], $at('hand-over'));
        self::assertSame([], $at('pull:transducer:bow-transducer'), 'a moulded cable is as long as it is');
    }

    /** @param  class-string<\Throwable>  $refused */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused(AsBuilt $what, string $step, string $typed, string $refused): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $this->expectException($refused);
        $what->patch(self::step($boat, $step), $boat->boat, $typed, Units::Metric);
    }

    /** @return array<string, array{AsBuilt, string, string, class-string<\Throwable>}> */
    public static function nonsense(): array
    {
        return [
            'no length' => [AsBuilt::Longer, 'pull:bow-motor-', 'much', QuantityRefused::class],
            'no gauge' => [AsBuilt::Gauge, 'pull:bow-motor-', 'thick', QuantityRefused::class],
            'shorter than it is long' => [AsBuilt::Shorter, 'pull:bow-motor-', '40 m', ProposalRefused::class],
            'a fuse where none is put in' => [AsBuilt::Fuse, 'pull:bow-motor-', '50 A', ProposalRefused::class],
            'nothing' => [AsBuilt::Gauge, 'label:bow-motor-', ' ', ProposalRefused::class],
        ];
    }

    private static function step(Evaluation $boat, string $id): Step
    {
        return $boat->boat->figures(Steps::class)->find($id) ?? self::fail("No step {$id}.");
    }
}
