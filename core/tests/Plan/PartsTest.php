<?php

declare(strict_types=1);

namespace Dinghy\Tests\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Connector;
use Dinghy\Plan\Post;
use Dinghy\Plan\StudSize;
use Dinghy\Protection\FuseFamily;
use Dinghy\Tests\Plans;
use Dinghy\Wiring\Landing;
use Dinghy\Wiring\Landings;
use Dinghy\Wiring\MakersTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What single parts say of themselves. */
final class PartsTest extends TestCase
{
    /** A range goes by copper, so a metric wire finds its place between American ones: 4 mm² lies between 12 and 10 AWG. */
    #[DataProvider('barrels')]
    public function test_a_connector_takes_its_range_and_both_ends_of_it(string $thinnest, string $thickest, string $gauge, bool $takes): void
    {
        $document = Plans::pump(['feed:f1' => ['run.connectors' => [(object) ['name' => 'butt', 'thinnest' => $thinnest, 'thickest' => $thickest]]]]);
        $connector = $document->plan()->feeds['f1']->run->connectors[0];

        self::assertSame($takes, $connector->takes(Gauge::of($gauge)));
        self::assertSame("butt ({$connector->thinnest} to {$connector->thickest})", $connector->label());
    }

    /** @return list<array{string, string, string, bool}> */
    public static function barrels(): array
    {
        return [
            ['12 AWG', '10 AWG', '12 AWG', true], ['12 AWG', '10 AWG', '10 AWG', true], ['12 AWG', '10 AWG', '14 AWG', false], ['12 AWG', '10 AWG', '8 AWG', false],
            ['12 AWG', '10 AWG', '4 mm2', true], ['12 AWG', '10 AWG', '6 mm2', false], ['12 AWG', '10 AWG', '2.5 mm2', false],
        ];
    }

    /** Common practice, no source: a 3/8 in ring goes over an M10 stud and the other way round, no ring goes over the next size. */
    public function test_holes_and_studs_come_in_pairs(): void
    {
        $suiting = [];
        foreach (StudSize::NAMES as $hole) {
            foreach (StudSize::NAMES as $stud) {
                self::assertSame(StudSize::suits($hole, $stud), StudSize::suits($stud, $hole), "{$hole} and {$stud}");
                $suiting[] = StudSize::suits($hole, $stud) ? $hole : null;
            }
        }
        self::assertTrue(StudSize::suits('3/8', 'M10'));
        self::assertFalse(StudSize::suits('3/8', '5/16'));
        self::assertSame(array_fill_keys(StudSize::NAMES, 2), array_count_values(array_filter($suiting)), 'each size suits itself and its twin');
    }

    /** A maker's table: the thinnest gauge that reaches, whatever the order of its lines; beyond its end it says nothing. */
    public function test_a_makers_table(): void
    {
        $document = Plans::pump(['device:d1' => ['longest_runs' => [(object) ['gauge' => '8 AWG', 'length_m' => 7], (object) ['gauge' => '12 AWG', 'length_m' => 2.5], (object) ['gauge' => '10 AWG', 'length_m' => 4.5]]]]);
        $device = $document->plan()->devices['d1'];
        $asked = static fn (float $metres): ?string => MakersTable::gauge($device, $metres)?->name;

        self::assertSame(['12 AWG', '12 AWG', '10 AWG', '8 AWG', null], array_map($asked, [0.5, 2.5, 2.51, 7.0, 7.01]));
    }

    /** With a shunt every minus of the bank ends there, but the one that is led past it, and the taps' negatives inside the string. */
    public function test_a_minus_ends_at_the_shunt(): void
    {
        $bank = Plans::changed(Plans::series(3), ['bank:thrust' => ['shunt' => (object) ['rating_a' => 500]]])->plan()->banks['thrust'];
        self::assertSame(['thrust:shunt', 'b1-', 'b2-'], array_map(strval(...), [$bank->minusEnd(Post::minus('b1'), false), $bank->minusEnd(Post::minus('b1'), true), $bank->minusEnd(Post::minus('b2'), false)]));
        $without = Plans::series(3)->plan()->banks['thrust'];
        self::assertSame('b1-', (string) $without->minusEnd(Post::minus('b1'), false));
    }

    /**
     * Counted by hand: three blocks in series, each with its charger, one feed, a shunt. The lowest minus holds the shunt
     * alone, whose other stud holds the feed's minus and the lowest charger's.
     */
    public function test_rings_on_the_posts_of_a_bank_with_a_shunt(): void
    {
        $document = Plans::changed(Plans::series(3), ['bank:thrust' => ['shunt' => (object) ['rating_a' => 500, 'stud' => '3/8']]]);
        $plan = $document->plan();
        $counts = array_count_values(array_map(static fn (Landing $landing): string => (string) $landing->post, Landings::of($plan)));
        ksort($counts);

        self::assertSame(['b1+' => 2, 'b1-' => 1, 'b2+' => 2, 'b2-' => 2, 'b3+' => 2, 'b3-' => 2, 'thrust:shunt' => 2], $counts);
        self::assertSame(['3/8', '5/16', '3/8'], array_map(static fn (Post $post): ?string => Landings::studAt($plan, $post), [Post::plus('b1'), Post::minus('b1'), Post::shunt('thrust')]));
        self::assertSame(['battery:b1', 'bank:thrust'], [Landings::partOf(Post::minus('b1')), Landings::partOf(Post::shunt('thrust'))]);
    }

    /** Strings of up to 40 V nominal take a post fuse, above a strip fuse made for more; what outgrows a family gets its largest. */
    public function test_fuses_of_strings(): void
    {
        self::assertSame([FuseFamily::BatteryPost, FuseFamily::BatteryPost, FuseFamily::StripLarge80], array_map(FuseFamily::ofStrings(...), [12.0, 36.0, 48.0]));
        self::assertSame([30.0, 75.0, 80.0, 300.0, 300.0], array_map(FuseFamily::BatteryPost->sizeFor(...), [1.0, 60.1, 80.0, 300.0, 900.0]));
    }

    /** The weakest block of a string limits what it cranks with; strings add up; one unknown block leaves it unknown. */
    public function test_cranking_amps_of_a_bank(): void
    {
        $amps = static fn (array $cca): ?float => Plans::changed(Plans::series(4), [
            'bank:thrust' => ['strings' => [['b1', 'b2'], ['b3', 'b4']]],
            ...array_combine(array_map(static fn (int $i): string => 'battery:b'.($i + 1), array_keys($cca)), array_map(static fn (int $a): array => ['cca_a' => $a], $cca)),
        ])->plan()->banks['thrust']->crankingAmps();

        self::assertSame(1300.0, $amps([700, 650, 800, 650]));
        self::assertNull($amps([700, 650, 800]));
    }

    /** A block's place: counted from the negative end of its own string. */
    public function test_the_place_of_a_block(): void
    {
        $bank = Plans::changed(Plans::series(4), ['bank:thrust' => ['strings' => [['b1', 'b2'], ['b3', 'b4']]]])->plan()->banks['thrust'];
        self::assertSame([[0, 0], [1, 0], [0, 1], [1, 1]], array_map(static fn (Battery $battery): array => $bank->placeOf($battery), $bank->batteries()));
    }

    public function test_a_bare_connector_has_a_name(): void
    {
        $document = Plans::pump(['feed:f1' => ['run.connectors' => [(object) ['thinnest' => '10 AWG', 'thickest' => '10 AWG']]]]);
        self::assertSame(['connector (10 AWG to 10 AWG)'], array_map(static fn (Connector $connector): string => $connector->label(), $document->plan()->feeds['f1']->run->connectors));
    }
}
