<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Acceptance;
use App\Models\Customer;
use App\Models\Job;
use App\Models\Reading;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** What was sent twice under one id is made once, and answered twice. */
final class SentOnceTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person('rigger'));
    }

    public function test_every_change_of_a_plan(): void
    {
        $job = "/api/jobs/{$this->skiff()->id}";
        $file = json_decode((string) $this->skiff()->plan?->document, true);
        $file['title'] = 'Another title';
        $changes = [
            ['POST', "{$job}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:bow-motor', 'set' => ['run.gauge' => '6 AWG']]]]],
            ['POST', "{$job}/plan/edits", ['base' => 2, 'patch' => [['on' => 'feed:house', 'set' => ['run.gauge' => '4 AWG']]]]],
            ['POST', "{$job}/plan/undo", []],
            ['POST', "{$job}/plan/redo", []],
            ['POST', "{$job}/plan/proposals", ['make' => 'station', 'name' => 'Anchor locker']],
            ['POST', "{$job}/plan/parts", ['part' => $this->person('rigger')->shop->catalogue()->where('kind', 'device')->value('id')]],
            ['DELETE', "{$job}/plan/parts", ['on' => 'device:hub']],
            ['PUT', "{$job}/plan?base=8", $file],
            ['POST', "{$job}/plan/versions/3/restore?base=9", []],
        ];
        foreach ($changes as $i => [$method, $uri, $body]) {
            $id = (string) Str::uuid();
            $first = $this->send($id, $method, $uri, $body)->assertOk();
            self::assertSame($i + 2, $first->json('version.number'), $uri);
            self::assertSame($first->json('version'), $this->send(strtoupper($id), $method, $uri, $body)->assertOk()->json('version'), $uri);
            self::assertTrue($this->getJson("/api/changes/{$id}")->assertOk()->json('kept'));
        }
        self::assertSame(count($changes) + 1, $this->skiff()->planVersions()->count());
    }

    public function test_readings_decisions_and_boats(): void
    {
        $job = "/api/jobs/{$this->skiff()->id}";
        $this->send((string) Str::uuid(), 'POST', "{$job}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:bow-motor', 'set' => ['run.gauge' => '6 AWG']]]])->assertOk();
        $occasion = collect((array) $this->getJson($job)->json('evaluation.findings'))->firstWhere('level', 'warn')['occasion'];
        foreach ([["{$job}/readings", ['meter_point' => 'b1', 'volts' => '12.7'], Reading::class], ["{$job}/decisions", ['occasion' => $occasion, 'reason' => 'as agreed'], Acceptance::class], ['/api/jobs', ['customer' => 'Once Only', 'title' => 'Once', 'boat' => 'Dory'], Job::class]] as [$uri, $body, $model]) {
            $before = $model::query()->count();
            $id = (string) Str::uuid();
            $first = $this->send($id, 'POST', $uri, $body)->assertSuccessful();
            self::assertSame($first->json('id'), $this->send($id, 'POST', $uri, $body)->assertSuccessful()->json('id'));
            self::assertSame($before + 1, $model::query()->count(), $uri);
        }
        self::assertSame(1, Customer::query()->where('name', 'Once Only')->count());
    }

    /** The answer was lost, and by the time it is sent again the part, the finding and the meter point are gone: it was kept all the same. */
    public function test_what_was_kept_is_answered_as_kept_whatever_became_of_the_plan(): void
    {
        $job = "/api/jobs/{$this->skiff()->id}";
        $first = $this->getJson($job);
        $finding = collect((array) $first->json('evaluation.findings'))->firstWhere('level', 'warn');
        $sent = [
            ["{$job}/decisions", ['occasion' => $finding['occasion'], 'reason' => 'as agreed']],
            ["{$job}/readings", ['meter_point' => 'b1', 'volts' => '12.7']],
            ["{$job}/plan/edits", ['base' => 1, 'patch' => [['on' => 'device:hub', 'set' => ['typical_a' => 0.3]]]]],
        ];
        $ids = array_map(fn (array $one): string => (string) Str::uuid(), $sent);
        foreach ($sent as $i => [$uri, $body]) {
            $this->send($ids[$i], 'POST', $uri, $body)->assertOk();
        }
        $this->call('PUT', "{$job}/plan?base=2", server: ['HTTP_ACCEPT' => 'application/json'], content: '{"format":"dinghy-plan","version":1}')->assertOk();
        foreach ($sent as $i => [$uri, $body]) {
            $this->send($ids[$i], 'POST', $uri, $body)->assertOk();
            self::assertTrue($this->getJson("/api/changes/{$ids[$i]}")->json('kept'));
        }
        self::assertSame([3, 1, 1], [$this->skiff()->planVersions()->count(), Acceptance::query()->count(), Reading::query()->count()]);
    }

    public function test_one_id_is_for_one_change_of_one_person(): void
    {
        $uri = "/api/jobs/{$this->skiff()->id}/plan/edits";
        $edit = static fn (string $gauge): array => ['base' => 1, 'patch' => [['on' => 'feed:bow-motor', 'set' => ['run.gauge' => $gauge]]]];
        $id = (string) Str::uuid();
        $this->send($id, 'POST', $uri, $edit('6 AWG'))->assertOk();
        self::assertStringContainsString('another change was sent under this Change-Id', (string) $this->send($id, 'POST', $uri, $edit('4 AWG'))->assertUnprocessable()->json('message'));
        self::assertStringContainsString('no UUID', (string) $this->send('one', 'POST', $uri, $edit('4 AWG'))->assertUnprocessable()->json('message'));
        $this->actingAs($this->person('owner'));
        self::assertFalse($this->getJson("/api/changes/{$id}")->json('kept'));
        $this->send($id, 'POST', $uri, $edit('4 AWG'))->assertConflict(); // theirs, and it clashes
        self::assertFalse($this->getJson("/api/changes/{$id}")->json('kept'));
        self::assertSame(2, $this->skiff()->plan?->number);
    }

    /** What was refused has left nothing: sent again, it is tried again. */
    public function test_a_refused_change_is_not_remembered(): void
    {
        $uri = "/api/jobs/{$this->skiff()->id}/plan/undo";
        $id = (string) Str::uuid();
        $this->send($id, 'POST', $uri, [])->assertConflict();
        self::assertFalse($this->getJson("/api/changes/{$id}")->json('kept'));
        $this->send((string) Str::uuid(), 'POST', "/api/jobs/{$this->skiff()->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:bow-motor', 'set' => ['run.gauge' => '6 AWG']]]])->assertOk();
        $this->send($id, 'POST', $uri, [])->assertOk()->assertJson(['version' => ['number' => 3]]);
    }

    /** @param  array<string, mixed>  $body */
    private function send(string $id, string $method, string $uri, array $body): TestResponse
    {
        return $this->json($method, $uri, $body, ['Change-Id' => $id]);
    }
}
