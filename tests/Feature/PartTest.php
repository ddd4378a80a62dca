<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CataloguePart;
use App\Models\Job;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A boat from nothing, part by part, over HTTP. */
final class PartTest extends TestCase
{
    public function test_a_boat_from_nothing(): void
    {
        $rigger = $this->actingAs($this->person('rigger'));
        $answer = $rigger->postJson('/api/jobs', ['customer' => 'New Owner', 'title' => 'All of it', 'boat' => 'Bare hull', 'hull' => 'fibreglass'])->assertCreated();
        ApiContract::assertMet('POST', '/api/jobs', 201, (string) $answer->getContent());
        $job = Job::query()->findOrFail($answer->json('id'));
        self::assertSame('No stops, nothing to decide. 2 not checked.', $answer->json('verdict'));

        $this->add($job, 'AGM deep-cycle 12 V 100 Ah, group 31', ['name' => 'thrust', 'series' => 3])->assertOk();
        $this->add($job, 'LiFePO4 12 V 50 Ah, group U1', ['name' => 'electronics'])->assertOk();
        $this->add($job, 'Fuse block, 6 circuits', ['name' => 'bow block', 'bank' => 'electronics'])->assertOk();
        $this->add($job, 'Bow motor 36 V, 112 lbf')->assertOk();
        $answer = $this->add($job, '9 in display, type A')->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/plan/parts', 200, (string) $answer->getContent());
        self::assertSame(['to-9-in-display-type-a'], array_column($answer->json('plan.blocks.0.branches'), 'id'));
        self::assertSame('thrust', collect($answer->json('plan.feeds'))->firstWhere('class', 'thrust')['from']['bank']);
        $this->add($job, 'Charger, 3 outputs of 10 A', ['bank' => 'thrust'])->assertOk();
        self::assertSame(range(1, 7), $job->planVersions()->orderBy('number')->pluck('number')->all());

        $answer = $this->deleteJson("/api/jobs/{$job->id}/plan/parts", ['on' => 'device:9-in-display-type-a'])->assertOk();
        ApiContract::assertMet('DELETE', '/api/jobs/{job}/plan/parts', 200, (string) $answer->getContent());
        self::assertSame([], $answer->json('plan.blocks.0.branches'));
        $answer = $this->postJson("/api/jobs/{$job->id}/plan/undo")->assertOk();
        self::assertSame(['to-9-in-display-type-a'], array_column($answer->json('plan.blocks.0.branches'), 'id'));
    }

    public function test_what_cannot_be_added_says_why_and_keeps_nothing(): void
    {
        $this->actingAs($this->person('rigger'));
        $before = $this->skiff()->planVersions()->count();
        $cases = [
            [['part' => 999_999], 404, 'no such part'],
            [[], 422, 'Choose a part of the catalogue.'],
            [['part' => $this->part('Charger, 1 output of 10 A'), 'bank' => 'thrust'], 422, 'charged already'],
            [['part' => $this->part('Fuse block, 6 circuits'), 'bank' => 'nowhere'], 422, 'no nowhere bank'],
            [['part' => $this->part('AGM deep-cycle 12 V 100 Ah, group 31'), 'series' => 17], 422, 'a number from 1 to 16'],
            [['part' => $this->part('AGM deep-cycle 12 V 100 Ah, group 31'), 'series' => 6], 422, 'adds up to 72 V'],
            [['part' => $this->part('9 in display, type A'), 'station' => 'attic'], 422, 'no attic station'],
        ];
        foreach ($cases as [$body, $status, $words]) {
            $answer = $this->postJson("/api/jobs/{$this->skiff()->id}/plan/parts", $body)->assertStatus($status);
            self::assertStringContainsString($words, (string) $answer->json('message'));
        }
        self::assertSame($before, $this->skiff()->planVersions()->count());
        $this->postJson('/api/jobs', ['customer' => 'A', 'title' => 'B'])->assertStatus(422)->assertJsonPath('message', 'The boat is missing. Type its name, or choose a plan file.');
    }

    public function test_the_catalogue_belongs_to_its_shop(): void
    {
        $mine = $this->actingAs($this->person('apprentice'))->getJson('/api/catalogue')->assertOk();
        ApiContract::assertMet('GET', '/api/catalogue', 200, (string) $mine->getContent());
        self::assertGreaterThan(40, count($mine->json('parts')));
        $this->app?->make('auth')->forgetGuards();
        $theirs = $this->actingAs($this->stranger())->getJson('/api/catalogue')->assertOk();
        self::assertSame([], $theirs->json('parts'));
    }

    public function test_every_part_of_the_demo_catalogue_can_be_planned(): void
    {
        $this->actingAs($this->person('rigger'));
        $hasTrunk = false;
        foreach (CataloguePart::query()->get() as $part) {
            $onRun = in_array($part->kind, ['wire', 'protection', 'connector'], true);
            $joins = in_array($part->kind, ['network-cable', 'backbone-part', 'extension'], true);
            $job = $onRun || $joins ? $this->skiff() : Job::query()->findOrFail($this->postJson('/api/jobs', ['customer' => 'C', 'title' => 'T', 'boat' => 'B'])->json('id'));
            if (in_array($part->kind, ['block', 'charger', 'shunt', 'switch'], true)) {
                $this->add($job, 'LiFePO4 12 V 100 Ah, group 31', ['name' => 'bank'])->assertOk();
                $this->add($job, 'LiFePO4 12 V 100 Ah, group 31', ['name' => 'source'])->assertOk();
            }
            if (isset($part->figures['volts'])) {
                $this->postJson("/api/jobs/{$job->id}/plan/proposals", ['make' => 'part', 'kind' => 'block', 'name' => 'box', 'part' => ['circuits' => 4]])->assertOk();
            }
            if ($part->kind === 'backbone-part' && ! $hasTrunk) {
                $this->add($job, 'Trunk cable, light, 5 m')->assertOk();
                $hasTrunk = true;
            }
            $answer = $this->postJson("/api/jobs/{$job->id}/plan/parts", ['part' => $part->id, 'bank' => 'bank', 'from' => 'source', 'block' => 'box', ...($onRun ? ['run' => 'bow-motor'] : []),
                ...($joins ? ['from' => 'hub', 'to' => 'bow-display', 'device' => 'bow-display', 'transducer' => str_contains($part->name, '6-pin') ? 'transom-transducer' : 'bow-transducer'] : [])]);
            self::assertSame(200, $answer->status(), "{$part->name}: {$answer->json('message')}");
        }
    }

    public function test_wire_breaker_and_connector_are_put_on_a_run(): void
    {
        $this->actingAs($this->person('rigger'));
        $fit = fn (string $part, string $run): TestResponse => $this->add($this->skiff(), $part, ['run' => $run]);
        self::assertSame('4 AWG', $this->feed($fit('Tinned marine wire, 4 AWG', 'bow-motor'))['run']['gauge']);
        $breaker = $this->feed($fit('Thermal breaker to 48 V, 60 A', 'bow-motor'))['protection'][0];
        self::assertEquals(['breaker', 60, 48, 0.15], [$breaker['family'], $breaker['rating_a'], $breaker['max_v'], $breaker['from_source_m']]);
        $fit('Heavy lug, 8 to 6 AWG', 'bow-motor')->assertOk();
        self::assertSame(['Heavy lug, 8 to 6 AWG', 'Heavy lug, 8 to 6 AWG'], array_column($this->feed($fit('Heavy lug, 8 to 6 AWG', 'bow-motor'))['run']['connectors'], 'name'));
        self::assertStringContainsString('sits in its block', (string) $fit('Thermal breaker to 48 V, 60 A', 'br-hub')->assertStatus(422)->json('message'));
        self::assertStringContainsString('Choose the run', (string) $fit('Tinned marine wire, 4 AWG', '')->assertStatus(422)->json('message'));
    }

    /**
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     * @return array<string, mixed>
     */
    private function feed(TestResponse $answer): array
    {
        return collect((array) $answer->assertOk()->json('plan.feeds'))->firstWhere('id', 'bow-motor');
    }

    /** @param  array<string, mixed>  $how */
    private function add(Job $job, string $part, array $how = []): TestResponse
    {
        return $this->postJson("/api/jobs/{$job->id}/plan/parts", ['part' => $this->part($part), ...$how]);
    }

    private function part(string $name): int
    {
        return CataloguePart::query()->where('name', $name)->firstOrFail()->id;
    }

    /** A sister hull: her plan without the survey, the readings and the owner of the first. */
    public function test_a_boat_like_another_begins_with_its_plan(): void
    {
        $this->actingAs($this->person('rigger'));
        $first = $this->skiff();
        $like = ['customer' => 'Lakeside Hire', 'title' => 'As the skiff', 'boat' => 'Second skiff', 'like' => $first->id];
        $sister = $this->postJson('/api/jobs', $like)->assertCreated();
        $old = $this->getJson("/api/jobs/{$first->id}")->assertOk();
        self::assertSame(['Second skiff', 'Lakeside Hire', [], $old->json('plan.feeds')], [$sister->json('boat'), $sister->json('customer'), $sister->json('readings'), $sister->json('plan.feeds')]);
        self::assertNull($sister->json('plan.survey'));
        self::assertNotNull($old->json('plan.survey'), 'the first keeps hers');
        self::assertSame($old->json('plan.boat.length_m'), $sister->json('plan.boat.length_m'));

        $this->postJson('/api/jobs', [...$like, 'like' => 999_999])->assertStatus(404);
        self::assertStringContainsString('Choose a plan file', (string) $this->postJson('/api/jobs', [...$like, 'plan' => '{}'])->assertUnprocessable()->json('message'));
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->stranger())->postJson('/api/jobs', $like)->assertStatus(404);
    }
}
