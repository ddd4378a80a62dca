<?php

declare(strict_types=1);

namespace Dinghy\Tests\Proposal;

use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddDevice;
use Dinghy\Proposal\CircuitOffer;
use Dinghy\Proposal\CircuitOffers;
use Dinghy\Proposal\CircuitRequirements;
use Dinghy\Proposal\FitOnRun;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Proposal\Rearrange;
use Dinghy\Proposal\SplitFeed;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What a plan has already, made into something else. */
final class RearrangeTest extends TestCase
{
    public function test_four_blocks_can_be_three_banks(): void
    {
        $document = Plans::series(4);
        $plan = $document->plan();
        self::assertSame([[4, 1], [2, 2], [1, 4]], Rearrange::ways($plan->banks['thrust']));
        $pairs = $document->with(Rearrange::bank($plan, 'thrust', 2))->plan()->banks['thrust'];
        self::assertSame([24.0, 200.0, 2], [$pairs->nominalVolts(), $pairs->capacityAh(), count($pairs->strings)]);
        self::assertNotNull($pairs->stringProtection, 'strings in parallel are fused each');
        $again = $document->with(Rearrange::bank($plan, 'thrust', 2));
        $series = $again->with(Rearrange::bank($again->plan(), 'thrust', 4))->plan();
        self::assertSame(48.0, $series->banks['thrust']->nominalVolts());
        self::assertNull($series->banks['thrust']->stringProtection);
        self::assertSame(48.0, $series->feeds['main']->supply->nominalVolts());
    }

    public function test_a_parallel_bank_is_taken_off_diagonally(): void
    {
        $plan = Plans::series(3)->plan();
        $feed = Plans::series(3)->with(Rearrange::bank($plan, 'thrust', 1))->plan()->feeds['main'];
        self::assertSame(['b1+', 'b3-'], [(string) $feed->supply->plusPost(), (string) $feed->supply->minus->post($feed->supply->bank)]);
    }

    public function test_strings_that_do_not_come_out_even_are_refused(): void
    {
        $this->expectExceptionMessage('3 blocks do not make strings of 2.');
        Rearrange::bank(Plans::series(3)->plan(), 'thrust', 2);
    }

    public function test_a_feed_is_split_beside_itself(): void
    {
        $document = Plans::parallel();
        $plan = $document->with(SplitFeed::of($document->plan(), $document, 'main', ['to-light']))->plan();
        self::assertSame([['to-screen'], ['to-light']], array_map(static fn ($block): array => array_column($block->branches, 'id'), array_values($plan->blocks)));
        $new = $plan->feeds['feed-fuses-2'];
        self::assertSame([3.0, 'pos@1', 'neg@2'], [$new->run->typedLength, $new->supply->plus->name, $new->supply->minus->name]);
        self::assertSame(2.0, $plan->blocks['fuses-2']->branches[0]->run->typedLength, 'its own length stays');
        foreach ([['main', []], ['main', ['to-screen', 'to-light']], ['main', ['nothing']]] as [$feed, $branches]) {
            try {
                SplitFeed::of($document->plan(), $document, $feed, $branches);
                self::fail('nothing to split');
            } catch (ProposalRefused $refused) {
                self::assertStringContainsString('Choose some of the branches', $refused->getMessage());
            }
        }
    }

    public function test_offers_of_circuits_in_the_order_that_a_rigger_takes_them(): void
    {
        $names = static fn (Plan $plan, CircuitRequirements $asks): array => array_map(static fn (CircuitOffer $offer): string => $offer->name(), CircuitOffers::of($plan, $asks, null, [4, 6, 12]));
        $screen = CircuitRequirements::by((object) ['kind' => 'display', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 2, 'peak_a' => 3]);
        self::assertSame(['block:fuses', 'bank:house'], $names(Plans::parallel()->plan(), $screen));
        $full = Plans::changed(Plans::parallel(), ['block:fuses' => ['circuits' => 2]]);
        self::assertSame(['larger:fuses:4', 'bank:house'], $names($full->plan(), $screen));
        self::assertSame(['tap:thrust'], $names(Plans::series(3)->plan(), $screen));
        $motor = CircuitRequirements::by((object) ['kind' => 'motor', 'v_min' => 30, 'v_max' => 45, 'typical_a' => 25, 'peak_a' => 56]);
        self::assertSame(['bank:thrust'], $names(Plans::series(3)->plan(), $motor));

        $offer = CircuitOffers::named($full->plan(), $screen, null, [4], 'larger:fuses:4');
        $after = $full->with(AddDevice::to($full->plan(), (object) ['name' => 'new', 'kind' => 'display', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 2, 'peak_a' => 3], null, $offer))->plan();
        self::assertSame([4, 3], [$after->blocks['fuses']->circuits, count($after->blocks['fuses']->branches)]);
    }

    public function test_parts_that_go_on_a_run(): void
    {
        $document = Plans::parallel();
        $plan = $document->plan();
        $wired = $document->with(FitOnRun::wire($plan, (object) ['gauge' => '2 AWG', 'cable' => 'pair'], 'to-light'))->plan();
        self::assertSame('2 AWG', $wired->blocks['fuses']->branches[1]->run->gauge?->name);
        $fused = $document->with(FitOnRun::protection($plan, (object) ['family' => 'blade', 'max_v' => 32], 'main'))->plan()->feeds['main']->protection;
        self::assertSame([1, 'blade', null, 0.15], [count($fused), $fused[0]->family->value, $fused[0]->rating, $fused[0]->fromSource]);
        $joined = $document->with(FitOnRun::connector($plan, $document, (object) ['thinnest' => '16 AWG', 'thickest' => '14 AWG'], 'joint', 'to-light'));
        self::assertCount(2, $joined->with(FitOnRun::connector($joined->plan(), $joined, (object) ['thinnest' => '16 AWG', 'thickest' => '14 AWG'], 'joint', 'to-light'))->plan()->blocks['fuses']->branches[1]->run->connectors);
    }
}
