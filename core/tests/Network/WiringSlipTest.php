<?php

declare(strict_types=1);

namespace Dinghy\Tests\Network;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Network\Chains;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\Landing;
use Dinghy\Network\WiringSlip;
use Dinghy\Sonar\Lead;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** The cut wires of an older transducer on the pins of a new plug. */
final class WiringSlipTest extends TestCase
{
    public function test_pin_by_pin_with_cut_lengths_that_grow_by_the_pins_order(): void
    {
        $slip = self::slip(Plans::sounding());
        self::assertSame(
            [[1, 'blue', true, 25], [2, 'black', true, 30], [3, 'bare', true, 35], [4, 'white', true, 40], [5, 'brown', true, 45], [6, 'grey', true, 50], [7, null, null, 55]],
            array_map(static fn (Landing $one): array => [$one->pin, $one->colour, $one->isRight(), $one->cut], $slip->landings),
        );
        self::assertSame([], $slip->leftOver);
        self::assertSame('t3', $slip->transducer->id);
    }

    public function test_swapped_shields_are_wrong_and_put_right(): void
    {
        $boat = self::wired(['blue', 'black', 'grey', 'white', 'brown', 'bare']);
        $wrong = array_filter(self::slip($boat)->landings, static fn (Landing $one): bool => $one->isRight() === false);
        self::assertSame([3, 6], array_column($wrong, 'pin'));
        self::assertEquals(
            Plans::sounding()->partsOf('terminal-block')['tb1']->wired,
            json_decode((string) json_encode(self::slip($boat)->right())),
        );
    }

    public function test_what_is_landed_nowhere_is_left_over(): void
    {
        self::assertSame(['brown', 'grey'], array_map(static fn (Lead $lead): string => $lead->colour, self::slip(self::wired(['blue', 'black', 'bare', 'white']))->leftOver));
    }

    public function test_a_colour_that_the_cable_does_not_have_is_wrong(): void
    {
        $landing = self::slip(self::wired(['pink']))->landings[0];
        self::assertSame([false, null], [$landing->isRight(), $landing->lead]);
    }

    public function test_no_transducer_ends_in_what_it_takes(): void
    {
        $network = self::network(Plans::sounding()->with(Patch::set('terminal-block:tb1', ['from' => 'cut-8'])));
        self::assertNull(WiringSlip::of($network->terminalBlocks['tb1'], $network, Chains::of($network)));
    }

    /** @param  list<string>  $colours  on the pins from the first */
    private static function wired(array $colours): PlanDocument
    {
        return Plans::sounding()->with(Patch::set('terminal-block:tb1', ['wired' => array_map(
            static fn (int $at, string $colour): \stdClass => (object) ['pin' => $at + 1, 'colour' => $colour],
            array_keys($colours),
            $colours,
        )]));
    }

    private static function slip(PlanDocument $boat): WiringSlip
    {
        $network = self::network($boat);

        return WiringSlip::of($network->terminalBlocks['tb1'], $network, Chains::of($network)) ?? self::fail('A transducer ends in it.');
    }

    private static function network(PlanDocument $boat): DataNetwork
    {
        return $boat->plan()->part(DataNetwork::class) ?? self::fail('It has a data side.');
    }
}
