<?php

declare(strict_types=1);

namespace Dinghy\Tests\Proposal;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Post;
use Dinghy\Plan\Terminal;
use Dinghy\Proposal\Jumpers;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Jumpers landed by hand: the first change makes the wires that a string stands for real. */
final class JumpersTest extends TestCase
{
    public function test_the_first_change_makes_all_of_them_real(): void
    {
        $document = Plans::changed(Plans::series(3), ['bank:thrust' => ['jumper' => (object) ['gauge' => '4 AWG', 'length_m' => 0.3]]]);
        $landed = $document->with(Jumpers::land($document->plan(), $document, 'thrust', 'b2+b3-', false, Post::plus('b3')));
        self::assertEquals([
            (object) ['id' => 'thrust-jumper-1', 'gauge' => '4 AWG', 'length_m' => 0.3, 'from' => 'b1+', 'to' => 'b2-'],
            (object) ['id' => 'thrust-jumper-2', 'gauge' => '4 AWG', 'length_m' => 0.3, 'from' => 'b2+', 'to' => 'b3+'],
        ], $landed->valueOf('bank:thrust', 'jumpers'));

        $other = $landed->with(Jumpers::land($landed->plan(), $landed, 'thrust', 'thrust-jumper-1', true, Post::minus('b1')));
        self::assertSame(['b1- b2-', 'b2+ b3+'], self::ends($other));
        self::assertSame(['b2+ b3+'], self::ends($other->with(Jumpers::takeOff($other->plan(), $other, 'thrust', 'thrust-jumper-1'))));
    }

    /** What a jumper has of its own it keeps. */
    public function test_a_real_jumper_keeps_its_gauge_and_its_id_is_not_given_again(): void
    {
        $document = Plans::changed(Plans::series(3), ['bank:thrust' => ['jumpers' => [(object) ['id' => 'thrust-jumper-2', 'from' => 'b1+', 'to' => 'b2-', 'gauge' => '2 AWG', 'fastening' => 'wing-nut']]]]);
        $joined = $document->with(Jumpers::join($document->plan(), $document, 'thrust', Post::plus('b2'), Post::minus('b3')));
        $jumpers = $joined->valueOf('bank:thrust', 'jumpers');
        self::assertIsArray($jumpers);
        self::assertSame(['thrust-jumper-2', 'thrust-jumper-1'], array_column($jumpers, 'id'));
        self::assertSame(['2 AWG', 'wing-nut'], [$jumpers[0]->gauge, $jumpers[0]->fastening]);
    }

    public function test_none_is_doubled_led_to_its_own_post_or_moved_that_is_not_there(): void
    {
        $document = Plans::series(3);
        $plan = $document->plan();
        $said = [];
        foreach ([
            static fn (): Patch => Jumpers::join($plan, $document, 'thrust', Post::minus('b2'), Post::plus('b1')),
            static fn (): Patch => Jumpers::join($plan, $document, 'thrust', Post::plus('b3'), Post::plus('b3')),
            static fn (): Patch => Jumpers::takeOff($plan, $document, 'thrust', 'b1+b3-'),
            static fn (): Patch => Jumpers::takeOff($plan, $document, 'house', 'b1+b2-'),
            static fn (): Patch => Jumpers::lead($plan, 'nothing', true, Post::plus('b3')),
            static fn (): Patch => Jumpers::lead($plan, 'main', true, Post::plus('b9')),
        ] as $wrong) {
            try {
                $wrong();
            } catch (ProposalRefused $refusal) {
                $said[] = $refusal->getMessage();
            }
        }
        self::assertSame([
            'A jumper joins those two posts already.',
            'A jumper joins two posts: choose another than the one it begins at.',
            'The plan has no such jumper. It may have been taken out since.',
            'The plan has no house bank. It may have been taken out since.',
            'The plan has no nothing feed. It may have been taken out since.',
            'No feed can be taken from that post: it is no terminal of the thrust bank.',
        ], $said);
    }

    public function test_a_lead_goes_to_the_terminal_that_its_post_is(): void
    {
        $document = Plans::series(3);
        $led = $document->with(Jumpers::lead($document->plan(), 'main', true, Post::plus('b2')));
        self::assertSame('tap:2', $led->valueOf('feed:main', 'from.plus'));
        self::assertSame('neg', $led->with(Jumpers::lead($led->plan(), 'main', false, Post::minus('b1')))->valueOf('feed:main', 'from.minus'));
    }

    public function test_every_post_that_a_bank_is_taken_off_is_told_once(): void
    {
        $bank = Plans::changed(Plans::series(6), ['bank:thrust' => ['strings' => [['b1', 'b2', 'b3'], ['b4', 'b5', 'b6']]]])->plan()->banks['thrust'];
        self::assertSame(['neg' => 'b1-', 'pos' => 'b3+', 'neg@2' => 'b4-', 'pos@2' => 'b6+', 'tap:1' => 'b1+', 'tap:2' => 'b2+'],
            array_column(array_map(static fn (Terminal $terminal): array => [$terminal->name, (string) $terminal->post($bank)], $bank->terminals()), 1, 0));
    }

    /** @return list<string> */
    private static function ends(PlanDocument $document): array
    {
        return array_map(static fn ($wire): string => "{$wire->from} {$wire->to}", $document->plan()->banks['thrust']->wires());
    }
}
