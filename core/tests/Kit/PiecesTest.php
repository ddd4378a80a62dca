<?php

declare(strict_types=1);

namespace Dinghy\Tests\Kit;

use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every wire from post to post, cut where its fuses sit. */
final class PiecesTest extends KitCase
{
    public function test_a_feed_is_cut_at_its_fuse_and_comes_back_in_one(): void
    {
        self::assertSame(['f1+1' => 0.15, 'f1+2' => 2.85, 'f1-' => 3.0, 'c1+' => 1.5, 'c1-' => 1.5], self::lengths(Plans::pump()));
        $pieces = self::pieces(Plans::pump());
        self::assertSame(['b1+', 'f1/fuse1', 'd1+', 'b1-', 'd1-'], [
            $pieces['f1+1']->from->name, $pieces['f1+1']->to->name, $pieces['f1+2']->to->name, $pieces['f1-']->from->name, $pieces['f1-']->to->name,
        ]);
        self::assertSame('f1/fuse1', $pieces['f1+2']->from->name);
    }

    public function test_two_breakers_make_three_pieces_that_sum_to_the_run(): void
    {
        $two = Plans::changed(Plans::pump(), ['feed:f1' => ['protection' => [
            ['family' => 'breaker', 'rating_a' => 30, 'from_source_m' => 0.2, 'stud' => '5/16'],
            ['family' => 'blade', 'rating_a' => 15, 'from_source_m' => 1.1],
        ]]]);
        self::assertSame(['f1+1' => 0.2, 'f1+2' => 0.9, 'f1+3' => 1.9, 'f1-' => 3.0], array_slice(self::lengths($two), 0, 4));
        self::assertSame(['ring 3/8', 'ring 5/16', 'ring 5/16', 'butt', 'butt', 'none'], self::ends($two, 'f1+1', 'f1+2', 'f1+3'));
    }

    public function test_a_fuse_on_the_post_leaves_no_wire_before_it(): void
    {
        $onPost = Plans::changed(Plans::pump(), ['feed:f1' => ['protection' => [['family' => 'battery-post', 'rating_a' => 30, 'from_source_m' => 0, 'stud' => 'M8']]]]);
        self::assertSame(['f1+1' => 0.0, 'f1+2' => 3.0], array_slice(self::lengths($onPost), 0, 2));
        self::assertSame([], self::ends($onPost, 'f1+1'));
        self::assertSame(['ring M8', 'none'], self::ends($onPost, 'f1+2'));
    }

    public function test_a_pair_is_one_piece_of_the_run_and_the_plus_before_its_fuse_comes_on_top(): void
    {
        $pair = Plans::changed(Plans::pump(), ['feed:f1' => ['run.cable' => 'pair']]);
        self::assertSame(['f1+' => 0.15, 'f1' => 3.0], array_slice(self::lengths($pair), 0, 2));
        $piece = self::pieces($pair)['f1'];
        self::assertTrue($piece->stock->pair);
        self::assertSame('10 AWG pair red/black', $piece->stock->name());
        self::assertSame(['butt', 'ring 5/16', 'none', 'none'], self::ends($pair, 'f1'));
        self::assertFalse(self::pieces($pair)['f1+']->stock->pair);
    }

    public function test_switches_do_not_cut(): void
    {
        self::assertSame(self::lengths(Plans::pump()), self::lengths(Plans::changed(Plans::pump(), ['feed:f1' => ['switch' => true, 'switch_rating_a' => 30]])));
    }

    public function test_slack_is_the_service_loop_of_a_routed_run(): void
    {
        $routed = Plans::routed();
        foreach (Plans::evaluate($routed)->boat->circuits() as $run) {
            $ofPlus = array_filter(self::kit($routed)->pieces, static fn (Piece $piece): bool => $piece->of === "{$run->kind->value}:{$run->id}"
                && ($piece->stock->pair || $piece->ends[0]->side === '+'));
            $cut = array_sum(array_map(static fn (Piece $piece): float => (float) $piece->cut, $ofPlus));
            self::assertEqualsWithDelta($run->length, $cut, 1e-9, $run->id);
        }
    }

    public function test_jumpers_bonds_and_charger_leads_are_as_given(): void
    {
        $series = Plans::changed(Plans::series(3), ['bank:thrust' => ['jumper' => ['gauge' => '4 AWG', 'length_m' => 0.42, 'from_hole' => '5/16']]]);
        $pieces = self::pieces($series);
        self::assertSame(0.42, $pieces['b1+b2-']->cut);
        self::assertSame('bank:thrust', $pieces['b1+b2-']->of);
        self::assertSame(['4 AWG red', '4 AWG red'], [$pieces['b1+b2-']->stock->name(), $pieces['b2+b3-']->stock->name()]);
        self::assertSame(['ring 5/16', 'ring 5/16'], self::ends($series, 'b1+b2-'));
    }

    public function test_parallel_minus_jumpers_are_black(): void
    {
        $colours = array_map(static fn (Piece $piece): string => $piece->stock->colour, array_filter(self::pieces(Plans::parallel()), static fn (Piece $piece): bool => str_starts_with($piece->of, 'bank:')));
        self::assertContains('black', $colours);
        self::assertContains('red', $colours);
    }

    public function test_a_factory_lead_is_stepped_down_to_and_one_of_the_same_gauge_is_butted(): void
    {
        $lead = static fn (string $gauge): array => self::ends(Plans::changed(Plans::pump(), ['device:d1' => ['lead' => ['gauge' => $gauge, 'length_m' => 0.5]]]), 'f1-');
        self::assertSame(['ring 5/16', 'step-down'], $lead('16 AWG'));
        self::assertSame(['ring 5/16', 'butt'], $lead('10 AWG'));
    }

    public function test_a_tapped_positive_has_a_colour_of_its_own_unless_the_plan_gives_one(): void
    {
        $tapped = Plans::changed(Plans::series(3), ['feed:main' => ['from' => ['bank' => 'thrust', 'plus' => 'tap:1', 'minus' => 'neg'], 'run.plus_colour' => Plans::UNKNOWN]]);
        self::assertSame('orange', self::pieces($tapped)['main+1']->stock->colour);
        self::assertSame('violet', self::pieces(Plans::changed($tapped, ['feed:main' => ['run.plus_colour' => 'Violet']]))['main+1']->stock->colour);
    }

    /**
     * @param  array<string, array<string, mixed>>  $changes
     * @param  list<string>  $asks
     */
    #[DataProvider('unknowns')]
    public function test_what_nobody_said_is_asked_for(array $changes, array $asks): void
    {
        $kit = Plans::evaluate(Plans::changed(Plans::pump(), $changes))->boat->figures(\Dinghy\Kit\Piece\Pieces::class);
        self::assertSame($asks, array_map(strval(...), $kit->asks()));
    }

    /** @return iterable<string, array{array<string, array<string, mixed>>, list<string>}> */
    public static function unknowns(): iterable
    {
        yield 'nothing' => [[], []];
        yield 'a stud of a battery' => [['battery:b1' => ['stud_pos' => Plans::UNKNOWN]], ['battery:b1 stud_pos']];
        yield 'where the fuse sits' => [['feed:f1' => ['protection.0.from_source_m' => Plans::UNKNOWN]], ['feed:f1 protection.0.from_source_m']];
        yield 'a fuse beyond the end of its wire' => [['feed:f1' => ['protection.0.from_source_m' => 4]], ['feed:f1 protection.0.from_source_m']];
        yield 'how long the run is' => [['feed:f1' => ['run.length_m' => Plans::UNKNOWN]], ['feed:f1 run.length_m']];
        yield 'the studs of a breaker' => [['feed:f1' => ['protection' => [['family' => 'breaker', 'rating_a' => 30, 'from_source_m' => 0.15]]]], ['feed:f1 protection.0.stud']];
        yield 'nothing, though the hole of the lug is given' => [['battery:b1' => ['stud_pos' => Plans::UNKNOWN], 'feed:f1' => ['plus_hole' => '3/8']], ['battery:b1 stud_pos']];
    }

    public function test_what_goes_through_a_tube_or_far_is_cut_after_it_is_pulled(): void
    {
        $pieces = self::pieces(Plans::pump());
        self::assertFalse($pieces['f1-']->cutAfterPull, '3 m is what the bench cuts at most');
        $longer = self::pieces(Plans::changed(Plans::pump(), ['feed:f1' => ['run.length_m' => 3.2]]));
        self::assertSame([false, true, true], [$longer['f1+1']->cutAfterPull, $longer['f1+2']->cutAfterPull, $longer['f1-']->cutAfterPull]);
        self::assertTrue(self::pieces(Plans::changed(Plans::pump(), ['plan' => ['house_rules' => ['cut_after_pull_m' => 2]]]))['f1-']->cutAfterPull);
    }

    public function test_a_label_is_one_line_however_a_name_was_typed(): void
    {
        $pump = Plans::changed(Plans::pump(), ['device:d1' => ['name' => "Live\n  well"]]);
        self::assertStringStartsWith('Live well', self::pieces($pump)['f1-']->labels()[1]);
        self::assertStringNotContainsString("\n", implode(self::pieces($pump)['f1-']->labels()));
    }

    /** @param  array{string, string}  $labels */
    #[DataProvider('styles')]
    public function test_labels_say_their_own_end_first(string $style, array $labels): void
    {
        $pump = Plans::changed(Plans::pump(), ['plan' => ['house_rules' => ['labels' => $style]], 'device:d1' => ['name' => 'Livewell']]);
        self::assertSame($labels, self::pieces($pump)['f1-']->labels());
    }

    /** @return iterable<string, array{string, array{string, string}}> */
    public static function styles(): iterable
    {
        yield 'all of it' => ['full', ['Livewell − · Battery 1 of house − → Livewell − · 10 AWG', 'Livewell − · Livewell − → Battery 1 of house − · 10 AWG']];
        yield 'the circuit' => ['circuit', ['Livewell − · 10 AWG', 'Livewell − · 10 AWG']];
        yield 'the ends' => ['ends', ['Battery 1 of house − → Livewell −', 'Livewell − → Battery 1 of house −']];
    }

    /** @return list<string> kind and hole of each end of those pieces */
    private static function ends(\Dinghy\File\PlanDocument $document, string ...$ids): array
    {
        $ends = [];
        foreach ($ids as $id) {
            array_push($ends, ...array_map(static fn (End $end): string => trim("{$end->at->kind->value} {$end->at->bore()}"), self::pieces($document)[$id]->ends));
        }

        return $ends;
    }
}
