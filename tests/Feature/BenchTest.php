<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CataloguePart;
use App\Models\Job;
use Tests\TestCase;

/** The bench and what is rearranged there, over HTTP. */
final class BenchTest extends TestCase
{
    public function test_a_bank_on_the_bench(): void
    {
        $this->actingAs($this->person('apprentice'));
        $answer = $this->getJson("/api/jobs/{$this->skiff()->id}/bench?bank=thrust")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/bench', 200, (string) $answer->getContent());
        self::assertSame([1, 2, 3], array_column((array) $answer->json('blocks'), 'number'));
        self::assertTrue($answer->json('sound'));
        self::assertSame([[3, 1], [1, 3]], array_map(static fn (array $way): array => [$way['series'], $way['parallel']], (array) $answer->json('ways')));
        self::assertSame('charger', $answer->json('first'));
        self::assertSame('jumpers', $this->getJson("/api/jobs/{$this->skiff()->id}/bench?bank=thrust&first=jumpers")->json('first'));
        $this->getJson("/api/jobs/{$this->skiff()->id}/bench?bank=none")->assertNotFound();
    }

    public function test_blocks_are_turned_strings_made_and_a_feed_split_each_by_one_change(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $turned = $this->propose($job, ['make' => 'turn', 'bank' => 'thrust'])->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/plan/proposals', 200, (string) $turned->getContent());
        self::assertSame([0], array_values(array_unique(array_map(static fn (array $battery): int => isset($battery['lies']) ? 0 : 1, array_filter((array) $turned->json('plan.batteries'), static fn (array $battery): bool => in_array($battery['id'], ['b1', 'b2', 'b3'], true))))));

        $parallel = $this->propose($job, ['make' => 'strings', 'bank' => 'thrust', 'series' => 1])->assertOk();
        $bank = collect((array) $parallel->json('evaluation.banks'))->firstWhere('id', 'thrust');
        self::assertEquals([12, 300], [$bank['nominal_v'], $bank['capacity_ah']]);
        $series = $this->propose($job, ['make' => 'strings', 'bank' => 'thrust', 'series' => 3])->assertOk();
        self::assertEquals(36, collect((array) $series->json('evaluation.banks'))->firstWhere('id', 'thrust')['nominal_v']);
        $this->propose($job, ['make' => 'strings', 'bank' => 'thrust', 'series' => 2])->assertStatus(422)->assertJsonPath('message', 'Not kept: 3 blocks do not make strings of 2. Choose one of the banks that are offered.');

        $split = $this->propose($job, ['make' => 'split', 'feed' => 'house', 'branches' => ['br-live-sonar']])->assertOk();
        $blocks = (array) $split->json('plan.blocks');
        self::assertSame(['br-live-sonar'], array_column(end($blocks)['branches'], 'id'));
        $this->propose($job, ['make' => 'split', 'feed' => 'bow-motor', 'branches' => ['x']])->assertStatus(422);
        self::assertSame(5, $this->skiff()->plan?->number);
    }

    public function test_a_preview_says_what_would_change_and_keeps_nothing(): void
    {
        $this->actingAs($this->person('apprentice'));
        $answer = $this->postJson("/api/jobs/{$this->skiff()->id}/plan/preview?units=imperial", ['patch' => [['on' => 'feed:bow-motor', 'set' => ['run.gauge' => '4 AWG']]]])->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/plan/preview', 200, (string) $answer->getContent());
        self::assertStringContainsString('8 AWG → 4 AWG', implode(' ', (array) $answer->json('changes')));
        self::assertStringContainsString('No longer:', implode(' ', (array) $answer->json('changes')));
        self::assertSame(['feed:bow-motor'], $answer->json('touches'));
        self::assertSame(1, $this->skiff()->plan?->number);
        $this->postJson("/api/jobs/{$this->skiff()->id}/plan/preview", ['patch' => [['on' => 'feed:none', 'set' => ['run.gauge' => '4 AWG']]]])->assertStatus(422);
    }

    public function test_the_log_tells_each_change_and_its_reason(): void
    {
        $this->actingAs($this->person('rigger'));
        $this->postJson("/api/jobs/{$this->skiff()->id}/plan/edits", ['base' => 1, 'reason' => 'Agreed with the owner', 'patch' => [['on' => 'feed:bow-motor', 'set' => ['run.gauge' => '4 AWG']]]])->assertOk();
        $this->postJson("/api/jobs/{$this->skiff()->id}/plan/undo")->assertOk();
        $answer = $this->getJson("/api/jobs/{$this->skiff()->id}/log")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/log', 200, (string) $answer->getContent());
        self::assertSame(['undo: feed to Bow motor 36 V: gauge 8 AWG', 'feed to Bow motor 36 V: gauge 4 AWG', 'the whole plan'], array_column((array) $answer->json('entries'), 'says'));
        self::assertSame([null, 'Agreed with the owner', null], array_column((array) $answer->json('entries'), 'reason'));
    }

    public function test_a_full_block_offers_the_next_size(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $hub = CataloguePart::query()->where('name', 'Network hub, 5 ports')->firstOrFail();
        $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'block:bow-block', 'set' => ['circuits' => 4]]]])->assertOk();
        $answer = $this->getJson("/api/jobs/{$job->id}/offers?part={$hub->id}")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/offers', 200, (string) $answer->getContent());
        self::assertSame('larger:bow-block:6', $answer->json('offers.0.on'));
        $added = $this->postJson("/api/jobs/{$job->id}/plan/parts", ['part' => $hub->id, 'on' => 'larger:bow-block:6'])->assertOk();
        self::assertSame([6, 5], [$added->json('plan.blocks.0.circuits'), count((array) $added->json('plan.blocks.0.branches'))]);
        $this->postJson("/api/jobs/{$job->id}/plan/parts", ['part' => $hub->id, 'on' => 'bank:nowhere'])->assertStatus(422);
    }

    public function test_newer_figures_of_the_catalogue_are_told_and_taken(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $screen = CataloguePart::query()->where('name', '9 in display, type A')->firstOrFail();
        $this->postJson("/api/jobs/{$job->id}/plan/parts", ['part' => $screen->id, 'name' => 'spare'])->assertOk()->assertJsonPath('newer', []);
        $screen->update(['figures' => [...$screen->figures, 'typical_a' => 1.9]]);
        // A part of another kind that is called alike has no figures for it.
        CataloguePart::query()->create(['shop_id' => $screen->shop_id, 'kind' => 'block', 'name' => 'Alike', 'figures' => ['typical_a' => 5]]);
        $plan = json_decode((string) $job->plan()->first()?->document, true);
        $plan['devices'][0]['part'] = 'Alike';
        $this->call('PUT', "/api/jobs/{$job->id}/plan?base=2", server: ['HTTP_ACCEPT' => 'application/json'], content: json_encode($plan, JSON_THROW_ON_ERROR))->assertOk();
        $newer = $this->getJson("/api/jobs/{$job->id}")->json('newer');
        self::assertCount(1, $newer);
        self::assertSame(['spare: draws, usually 1.6 A → 1.9 A'], $newer[0]['changes']);
        $taken = $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => 3, 'patch' => $newer[0]['patch']])->assertOk();
        self::assertSame([], $taken->json('newer'));
        self::assertSame(1.9, collect((array) $taken->json('plan.devices'))->firstWhere('name', 'spare')['typical_a']);
    }

    /** @param  array<string, mixed>  $asked
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function propose(Job $job, array $asked): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/jobs/{$job->id}/plan/proposals", $asked);
    }
}
