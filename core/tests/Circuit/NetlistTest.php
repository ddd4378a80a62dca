<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\SpiceNetlist;
use Dinghy\Circuit\State;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The solver against ngspice on the netlist that the plan itself gives: every node within 1 mV, the current of every branch within 0.1 %. */
final class NetlistTest extends TestCase
{
    private const RANDOM_PLANS = 30;

    #[DataProvider('states')]
    public function test_the_skiff(State $state): void
    {
        Agreement::assertAgrees(Plans::evaluate(Plans::skiff()), $state, 'skiff');
    }

    /** @return list<array{State}> */
    public static function states(): array
    {
        return array_map(static fn (State $state): array => [$state], State::cases());
    }

    public function test_random_boats(): void
    {
        // The simulator's own convergence is a matter of luck near the limit of what a bank can give: one seed by default.
        $seed = (int) (getenv('SEED') ?: 20261123);
        mt_srand($seed);
        $compared = 0;
        for ($i = 0; $i < self::RANDOM_PLANS; $i++) {
            $evaluation = Plans::evaluate(RandomBoat::document());
            foreach ([State::Rest, State::Loaded] as $state) {
                if ($evaluation->boat->states->in($state) !== null) {
                    Agreement::assertAgrees($evaluation, $state, "SEED={$seed} boat {$i}");
                    $compared++;
                }
            }
        }
        self::assertGreaterThan(self::RANDOM_PLANS, $compared);
    }

    public function test_posts_keep_their_names(): void
    {
        self::assertSame('b1_p', SpiceNetlist::nameOf('b1+'));
        self::assertSame('b1_n', SpiceNetlist::nameOf('b1-'));
        self::assertSame('bow_motor_p2', SpiceNetlist::nameOf('bow-motor/+2'));
        $netlist = Plans::evaluate(Plans::pump())->boat->states->netlist(State::Loaded);
        self::assertStringContainsString('max(V(d1_p,d1_n)', $netlist);
        self::assertStringEndsWith(".end\n", $netlist);
    }
}
