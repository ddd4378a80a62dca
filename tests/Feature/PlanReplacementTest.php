<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PlanVersion;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A whole plan in the place of another: what it would drop is told, what it dropped can be brought back. */
final class PlanReplacementTest extends TestCase
{
    public function test_a_file_says_which_version_it_replaces(): void
    {
        $this->actingAs($this->person('rigger'));
        foreach (['', '?base=', '?base=0', '?base=x', '?base=99999999999'] as $query) {
            $answer = $this->replace($query, $this->file('2 AWG'))->assertUnprocessable();
            self::assertStringContainsString('base is missing', (string) $answer->json('message'));
            ApiContract::assertMet('PUT', '/api/jobs/{job}/plan', 422, (string) $answer->getContent());
        }
        self::assertStringContainsString('there is no version 7 of this plan; the newest is 1', (string) $this->replace('?base=7', $this->file('2 AWG'))->assertConflict()->json('message'));
        self::assertSame(1, PlanVersion::query()->where('job_id', $this->skiff()->id)->count());
    }

    public function test_a_file_over_a_colleagues_changes_is_refused_and_tells_what_it_would_drop(): void
    {
        $this->edit('owner', 1, 'feed:house', '4 AWG')->assertOk();
        $this->edit('owner', 2, 'feed:bow-motor', '6 AWG')->assertOk();
        $this->actingAs($this->person('rigger'));
        $refused = $this->replace('?base=1', $this->file('2 AWG'))->assertConflict();
        self::assertStringContainsString('version 2 of Ilka Marrend: feed to Bow block: gauge 4 AWG; version 3 of Ilka Marrend: feed to Bow motor 36 V: gauge 6 AWG', (string) $refused->json('message'));
        ApiContract::assertMet('PUT', '/api/jobs/{job}/plan', 409, (string) $refused->getContent());
        self::assertSame(3, $this->skiff()->plan?->number);
    }

    /** Replaced in one step, taken back in one; whoever edits another field meanwhile loses nothing. */
    public function test_a_replacement_is_one_step_to_undo(): void
    {
        $before = $this->skiff()->plan?->document;
        $this->actingAs($this->person('rigger'));
        $replaced = $this->replace('?base=1', $this->file('2 AWG'))->assertOk();
        self::assertSame(['2 AWG', 2], [$replaced->json('plan.feeds.0.run.gauge'), $replaced->json('version.undo.step')]);
        self::assertStringContainsString('feed to Bow motor 36 V: gauge 2 AWG → 8 AWG', (string) $replaced->json('version.undo.says'));
        $this->edit('owner', 1, 'feed:bow-motor', '6 AWG')->assertConflict();
        $this->edit('owner', 1, 'feed:house', '4 AWG')->assertOk();
        $undone = $this->actingAs($this->person('rigger'))->postJson($this->uri('/plan/undo'))->assertOk();
        self::assertSame(['8 AWG', '4 AWG'], [$undone->json('plan.feeds.0.run.gauge'), $undone->json('plan.feeds.1.run.gauge')]);
        $this->actingAs($this->person('owner'))->postJson($this->uri('/plan/undo'))->assertOk();
        self::assertSame(json_decode((string) $before, true), json_decode((string) $this->skiff()->plan?->document, true));
    }

    public function test_a_file_is_looked_at_before_it_replaces(): void
    {
        $this->actingAs($this->person('apprentice'));
        $answer = $this->call('POST', $this->uri('/plan/comparison?units=metric'), content: $this->file('6 AWG'))->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/plan/comparison', 200, (string) $answer->getContent());
        self::assertSame(['feed to Bow motor 36 V: gauge 8 AWG → 6 AWG'], $answer->json('otherwise'));
        self::assertSame('6 AWG', $answer->json('plan.feeds.0.run.gauge'));
        self::assertStringStartsWith('2 stops', (string) $answer->json('verdict'));
        self::assertNotSame([], $answer->json('changes'));
        self::assertSame(1, $answer->json('base'));
        self::assertSame([], $this->call('POST', $this->uri('/plan/comparison'), content: $this->file('8 AWG'))->assertOk()->json('otherwise'));
        $this->call('POST', $this->uri('/plan/comparison'), content: '{')->assertUnprocessable();
        self::assertSame(1, $this->skiff()->plan?->number);
    }

    public function test_every_version_can_be_read_and_brought_back(): void
    {
        foreach (['6 AWG', '4 AWG', '2 AWG'] as $i => $gauge) {
            $this->edit('owner', $i + 1, 'feed:bow-motor', $gauge)->assertOk();
        }
        $this->actingAs($this->person('rigger'));
        $old = $this->getJson($this->uri('/plan/versions/2'))->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/plan/versions/{number}', 200, (string) $old->getContent());
        self::assertSame([2, 'Ilka Marrend', '6 AWG', ['feed to Bow motor 36 V: gauge 2 AWG → 6 AWG']], [$old->json('number'), $old->json('author'), $old->json('plan.feeds.0.run.gauge'), $old->json('otherwise')]);
        $this->getJson($this->uri('/plan/versions/9'))->assertNotFound();
        $this->postJson($this->uri('/plan/versions/9/restore?base=4'))->assertNotFound();
        $this->postJson($this->uri('/plan/versions/2/restore?base=3'))->assertConflict();
        $restored = $this->postJson($this->uri('/plan/versions/2/restore?base=4'))->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/plan/versions/{number}/restore', 200, (string) $restored->getContent());
        self::assertSame([5, '6 AWG'], [$restored->json('version.number'), $restored->json('plan.feeds.0.run.gauge')]);
        self::assertStringContainsString('an earlier version brought back: feed to Bow motor', (string) $this->getJson($this->uri('/log'))->json('entries.0.says'));
        self::assertSame('2 AWG', $this->postJson($this->uri('/plan/undo'))->assertOk()->json('plan.feeds.0.run.gauge'));
        $this->artisan('dinghy:verify', ['job' => $this->skiff()->id])->assertSuccessful();
    }

    /** House rules that an export has written out do not become the boat's own when the file is taken in. */
    public function test_an_export_does_not_freeze_the_shops_rules_into_the_boat(): void
    {
        $this->actingAs($this->person('owner'));
        $this->edit('owner', 1, 'plan', null, ['house_rules.drop_pct.thrust' => 4])->assertOk();
        $this->putJson('/api/house-rules', ['version' => 1, 'set' => ['layup_days' => '14']])->assertOk();
        $file = (string) $this->get($this->uri('/plan'))->assertOk()->getContent();
        $exported = json_decode($file, true);
        self::assertEquals([14, 4, ['drop_pct.thrust']], [$exported['house_rules']['layup_days'], $exported['house_rules']['drop_pct']['thrust'], $exported['own_house_rules']]);

        $this->putJson('/api/house-rules', ['version' => 2, 'set' => ['layup_days' => '60']])->assertOk();
        $this->replace('?base=2', $file)->assertOk();
        self::assertSame(2, $this->skiff()->plan?->number, 'the file says what the plan says');
        $new = $this->postJson('/api/jobs', ['customer' => 'Else', 'title' => 'Copy', 'plan' => $file])->assertCreated();
        self::assertEquals(['drop_pct' => ['thrust' => 4]], $new->json('plan.house_rules'));
        self::assertArrayNotHasKey('own_house_rules', (array) $new->json('plan'));
    }

    private function replace(string $query, string $file): TestResponse
    {
        return $this->call('PUT', $this->uri('/plan').$query, server: ['HTTP_ACCEPT' => 'application/json'], content: $file);
    }

    /** The skiff with another bow-motor wire, as a file. */
    private function file(string $gauge): string
    {
        $plan = json_decode((string) PlanVersion::query()->where('job_id', $this->skiff()->id)->where('number', 1)->value('document'), true, 32, JSON_THROW_ON_ERROR);
        $plan['feeds'][0]['run']['gauge'] = $gauge;

        return json_encode($plan, JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, mixed>|null  $set */
    private function edit(string $role, int $base, string $on, ?string $gauge, ?array $set = null): TestResponse
    {
        return $this->actingAs($this->person($role))->postJson($this->uri('/plan/edits'), ['base' => $base, 'patch' => [['on' => $on, 'set' => $set ?? ['run.gauge' => $gauge]]]]);
    }

    private function uri(string $path = ''): string
    {
        return "/api/jobs/{$this->skiff()->id}{$path}";
    }
}
