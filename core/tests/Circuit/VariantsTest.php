<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\Fault;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Overload;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\Variants;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** A fault as a small change to a solved network against the same fault solved afresh. */
final class VariantsTest extends TestCase
{
    private const BOATS = 30;

    private const FAULTS = 40;

    public function test_every_fault_equals_a_fresh_solve(): void
    {
        $seed = Seed::sown();
        $compared = 0;
        for ($boat = 0; $boat < self::BOATS; $boat++) {
            $network = Plans::evaluate(RandomBoat::document())->boat->states->network(State::Loaded);
            $points = self::points($network);
            $rest = Variants::atRest($network, $points);
            $loaded = Variants::loaded($network, $points);
            for ($i = 0; $i < self::FAULTS; $i++) {
                $fault = self::fault($network);
                $which = "SEED={$seed} boat {$boat} fault {$i} on {$fault->element}";
                $fresh = $fault->in($network);
                $changed = $rest->with($fault);
                self::assertSame([], self::differences($points, $fresh->atRest(), $changed, 1e-6), "{$which}, at rest");
                if ($changed instanceof Solution) {
                    self::assertEqualsWithDelta($fresh->atRest()->sourceAmps(), $changed->sourceAmps(), 0.01, "{$which}, what each battery gives");
                }
                self::assertSame([], self::differences($points, $fresh->loaded(), $loaded->with($fault), 1e-3), "{$which}, loaded");
                $compared++;
            }
        }
        self::assertSame(self::BOATS * self::FAULTS, $compared, "SEED={$seed}");
    }

    public function test_a_fault_in_nothing_changes_nothing(): void
    {
        $network = Plans::evaluate(Plans::pump())->boat->states->network(State::Loaded);
        $same = Variants::loaded($network, [])->with(Fault::opened('no such wire'));
        $sound = $network->loaded();
        self::assertInstanceOf(Solution::class, $same);
        self::assertInstanceOf(Solution::class, $sound);
        self::assertEqualsWithDelta($sound->between('d1+', 'd1-'), $same->between('d1+', 'd1-'), 1e-9);
    }

    public function test_what_the_faults_do_worked_by_hand(): void
    {
        $network = Plans::evaluate(Plans::series(3, ['rested_v' => 12.7, 'internal_mohm' => 5]))->boat->states->network(State::Loaded);
        $rest = Variants::atRest($network, []);
        $between = static function (Fault $fault, string $plus, string $minus) use ($rest): ?float {
            $solution = $rest->with($fault);

            return $solution instanceof Solution ? $solution->between($plus, $minus) : NAN;
        };
        self::assertEqualsWithDelta(12.7, $between(Fault::reversed('b2'), 'b3+', 'b1-'), 1e-6);
        self::assertEqualsWithDelta(37.1, $between(Fault::weakened('b2', 1.0, 3), 'b3+', 'b1-'), 1e-6);
        self::assertNull($between(Fault::opened('b1+b2-'), 'b3+', 'b1-'), 'Nothing joins the two halves.');
        self::assertEqualsWithDelta(25.4, $between(Fault::opened('b1+b2-'), 'b3+', 'b2-'), 1e-6);
        // The jumper that should lead from Battery 1's positive to Battery 2's negative lands on Battery 2's positive: only Battery 3 is left above.
        self::assertEqualsWithDelta(25.4, $between(Fault::toLandedOn('b1+b2-', 'b2+'), 'b3+', 'b1-'), 1e-6);
        // 12.7 V through 5 mΩ and the jumper's own resistance: a short across Battery 1.
        self::assertLessThan(4.0, $between(Fault::toLandedOn('b1+b2-', 'b1-'), 'b1+', 'b1-'));
    }

    /** @return list<string> */
    private static function points(Network $network): array
    {
        $points = [];
        foreach ([...$network->sources, ...$network->loads] as $element) {
            $points[$element->plus] = true;
            $points[$element->minus] = true;
        }

        return array_map(strval(...), array_keys($points));
    }

    private static function fault(Network $network): Fault
    {
        $resistor = $network->resistors[mt_rand(0, count($network->resistors) - 1)]->name;
        $source = $network->sources[mt_rand(0, count($network->sources) - 1)];
        $post = static fn (): string => $network->sources[mt_rand(0, count($network->sources) - 1)]->{mt_rand(0, 1) === 0 ? 'plus' : 'minus'};
        $jumpers = array_values(array_filter($network->resistors, static fn ($r): bool => preg_match('/^b\d+[+-]b\d+[+-]$/', $r->name) === 1));

        return match (mt_rand(0, 6)) {
            0 => Fault::raised($resistor, 10 ** (mt_rand(-40, 10) / 10)),
            1, 2 => Fault::opened($resistor),
            3 => Fault::reversed($source->name),
            4 => Fault::weakened($source->name, mt_rand(0, 30) / 10, mt_rand(5, 40) / 10),
            5 => $jumpers === [] ? Fault::raised($resistor, 0.1) : Fault::toLandedOn($jumpers[mt_rand(0, count($jumpers) - 1)]->name, $post()),
            default => $jumpers === [] ? Fault::opened($resistor) : Fault::fromLandedOn($jumpers[mt_rand(0, count($jumpers) - 1)]->name, $post()),
        };
    }

    /**
     * @param  list<string>  $points
     * @return list<string>
     */
    private static function differences(array $points, Solution|Overload $fresh, Solution|Overload $quick, float $tolerance): array
    {
        if ($fresh instanceof Overload || $quick instanceof Overload) {
            return $fresh instanceof $quick ? [] : ['one of the two cannot be fed: '.$fresh::class.' and '.$quick::class];
        }
        $differences = [];
        foreach ($points as $point) {
            foreach ([$points[0], $points[1]] as $reference) {
                [$expected, $found] = [$fresh->between($point, $reference), $quick->between($point, $reference)];
                if (($expected === null) !== ($found === null) || abs(($expected ?? 0) - ($found ?? 0)) > $tolerance) {
                    $differences[] = "{$point} to {$reference}: ".json_encode([$expected, $found]);
                }
            }
        }

        return $differences;
    }
}
