<?php

declare(strict_types=1);

namespace Dinghy\Tests\Proposal;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddCharger;
use Dinghy\Proposal\AddConverter;
use Dinghy\Proposal\FitOnBank;
use Dinghy\Proposal\FitOnRun;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Proposal\Rearrange;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What hangs on a bank that is there: shunt, switch, string fuses, chargers over two banks, out of another bank, converters. */
final class FitOnBankTest extends TestCase
{
    public function test_a_shunt_comes_with_its_monitor_set_to_the_bank(): void
    {
        $bank = $this->after(static fn (Plan $plan): Patch => FitOnBank::shunt($plan, (object) ['rating_a' => 300, 'mohm' => 0.167, 'stud' => 'M10'], 'electronics'))->banks['electronics'];
        self::assertSame([300.0, $bank->capacityAh()], [$bank->shunt?->amps, $bank->shunt?->capacitySet]);
        self::assertEqualsWithDelta(0.000167, $bank->shunt?->ohms, 1e-12);
    }

    public function test_a_switch_goes_on_a_bank_or_a_feed(): void
    {
        $plan = $this->after(static fn (Plan $plan): Patch => FitOnBank::batterySwitch($plan, 200.0, 'thrust')->and(FitOnRun::feedSwitch($plan, null, 'house')));
        self::assertSame([true, 200.0, true, null], [$plan->banks['thrust']->switch, $plan->banks['thrust']->switchRating, $plan->feeds['house']->switch, $plan->feeds['house']->switchRating]);
    }

    public function test_string_fuses_go_on_strings_side_by_side(): void
    {
        $document = Plans::skiff()->with(Rearrange::bank(Plans::skiff()->plan(), 'thrust', 1));
        $fused = $document->with(FitOnBank::stringFuses($document->plan(), (object) ['family' => 'cartridge', 'rating_a' => 100], 'thrust'))->plan();
        self::assertSame(['cartridge', 100.0], [$fused->banks['thrust']->stringProtection?->family->value, $fused->banks['thrust']->stringProtection?->rating]);
    }

    public function test_one_charger_serves_two_banks_and_one_bank_charges_another(): void
    {
        $bare = self::withoutChargers();
        $both = $bare->with(AddCharger::to($bare->plan(), 'Charger', 4, 15.0, true, ['thrust', 'electronics'], 'Charger, 4 outputs of 15 A'))->plan();
        self::assertSame(['b1', 'b2', 'b3', 'e1'], array_merge(...array_map(static fn ($output): array => array_map(static fn (Battery $one): string => $one->id, $output->across), $both->chargers['charger']->outputs)));

        $drawing = $bare->with(AddCharger::to($bare->plan(), 'From thrust', 1, 20.0, true, ['electronics'], null, 'dc-dc', 'thrust'))->plan();
        self::assertSame(['dc-dc', 'thrust'], [$drawing->chargers['from-thrust']->input, $drawing->chargers['from-thrust']->inputFrom?->bank->id]);
    }

    public function test_a_converter_feeds_a_block_that_nothing_feeds(): void
    {
        $bare = Plans::skiff()->with(Patch::remove('feed:house'));
        $converted = $bare->with(AddConverter::to($bare->plan(), 'Converter', 20.0, 12.0, 0.92, 'thrust', 'bow-block', 'Converter to 12 V, 20 A'))->plan();
        $output = $converted->chargers['converter']->outputs[0];
        self::assertSame(['bow-block', 20.0, 12.0, 0.92, 'thrust'], [$output->block, $output->amps, $output->nominalVolts, $converted->chargers['converter']->efficiency, $converted->chargers['converter']->inputFrom?->bank->id]);
    }

    /** @param  \Closure(Plan): Patch  $ask */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_done_says_why(\Closure $ask, string $words): void
    {
        $this->expectException(ProposalRefused::class);
        $this->expectExceptionMessage($words);
        $ask(self::withoutChargers()->plan());
    }

    /** @return array<string, array{\Closure(Plan): Patch, string}> */
    public static function refusals(): array
    {
        return [
            'no bank said' => [static fn (Plan $plan): Patch => FitOnBank::shunt($plan, (object) ['rating_a' => 300], ''), 'Choose the bank'],
            'no such bank' => [static fn (Plan $plan): Patch => FitOnBank::batterySwitch($plan, null, 'moon'), 'no moon bank'],
            'one string' => [static fn (Plan $plan): Patch => FitOnBank::stringFuses($plan, (object) ['family' => 'cartridge', 'rating_a' => 100], 'thrust'), 'has one string'],
            'no rating' => [static fn (Plan $plan): Patch => FitOnBank::stringFuses(Plans::skiff()->with(Rearrange::bank(Plans::skiff()->plan(), 'thrust', 1))->plan(), (object) ['family' => 'blade'], 'thrust'), 'not chosen by itself'],
            'a branch' => [static fn (Plan $plan): Patch => FitOnRun::feedSwitch($plan, null, 'br-hub'), 'Only a feed'],
            'no source' => [static fn (Plan $plan): Patch => AddCharger::to($plan, 'x', 3, 10.0, true, ['thrust'], null, 'dc-dc'), 'which bank it draws on'],
            'itself' => [static fn (Plan $plan): Patch => AddCharger::to($plan, 'x', 3, 10.0, true, ['thrust'], null, 'dc-dc', 'thrust'), 'cannot charge the bank that it draws on'],
            'a block that is fed' => [static fn (Plan $plan): Patch => AddConverter::to($plan, 'x', 20.0, 12.0, null, 'thrust', 'bow-block'), 'has a feed already'],
        ];
    }

    private static function withoutChargers(): PlanDocument
    {
        $skiff = Plans::skiff();

        return $skiff->with(Patch::all(array_map(static fn (string $id): Patch => Patch::remove("charger:{$id}"), array_keys($skiff->plan()->chargers))) ?? self::fail('The skiff has no charger.'));
    }

    /** @param  \Closure(Plan): Patch  $ask */
    private function after(\Closure $ask): Plan
    {
        return Plans::skiff()->with($ask(Plans::skiff()->plan()))->plan();
    }
}
