<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

final class RemedyTest extends TestCase
{
    public function test_remedies_follow_the_plan_and_are_what_mends_it(): void
    {
        $uri = "/api/jobs/{$this->skiff()->id}";
        $rigger = $this->actingAs($this->person('rigger'));
        $job = $rigger->getJson("{$uri}?units=imperial")->assertOk();
        $answer = $rigger->getJson("{$uri}/remedies?units=imperial")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/remedies', 200, (string) $answer->getContent());
        $findings = collect($job->json('evaluation.findings'))->keyBy('occasion');
        $remedies = collect($answer->json('remedies'))->keyBy(static fn (array $remedy): string => $findings[$remedy['occasion']]['rule']);

        self::assertSame($job->json('version.hash'), $answer->json('hash'));
        self::assertSame(['N01', 'N02', 'W02', 'F03', 'F04', 'W01', 'N10'], $remedies->keys()->all());
        self::assertSame('Run 6 AWG.', $remedies['W02']['says']);
        self::assertSame([], array_filter(array_column($job->json('evaluation.findings'), 'patch')), 'an edit does not wait for them');

        $edited = $rigger->postJson("{$uri}/plan/edits", ['base' => 1, 'patch' => $remedies['W02']['patch']])->assertOk();
        self::assertNotContains('W02', array_column($edited->json('evaluation.findings'), 'rule'));
        self::assertNotSame($answer->json('hash'), $edited->json('version.hash'));
        self::assertSame(5, count($rigger->getJson("{$uri}/remedies")->json('remedies')));
    }

    /** As the page sends it back: the finding is gone, and one undo brings the plan back as it was. */
    public function test_every_remedy_that_is_offered_can_be_taken(): void
    {
        $rigger = $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $taken = 0;
        foreach ((array) glob(database_path('demo/mistakes/*.json')) as $file) {
            $base = $rigger->getJson($uri)->json('version.number');
            $before = $this->call('PUT', "{$uri}/plan?base={$base}", server: ['HTTP_ACCEPT' => 'application/json'], content: (string) file_get_contents((string) $file))->assertOk();
            $offered = json_decode((string) $rigger->getJson("{$uri}/remedies")->assertOk()->getContent(), false, 64, JSON_THROW_ON_ERROR);
            foreach ($offered->remedies as $remedy) {
                $base = $rigger->getJson($uri)->json('version.number');
                $edit = json_encode(['base' => $base, 'patch' => $remedy->patch], JSON_THROW_ON_ERROR);
                $after = $this->call('POST', "{$uri}/plan/edits", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $edit)->assertOk();
                self::assertNotContains($remedy->occasion, array_column($after->json('evaluation.findings'), 'occasion'), $remedy->says);
                self::assertSame(self::withoutEmptyLists($before->json('plan')), self::withoutEmptyLists($rigger->postJson("{$uri}/plan/undo")->assertOk()->json('plan')), $remedy->says);
                $taken++;
            }
        }
        self::assertGreaterThan(12, $taken);
    }

    /** A list that was begun for a part stays when the part goes: it says the same as none. */
    private static function withoutEmptyLists(mixed $value): mixed
    {
        return is_array($value) ? array_filter(array_map(self::withoutEmptyLists(...), $value), static fn (mixed $inner): bool => $inner !== []) : $value;
    }

    public function test_the_command_line_offers_them_with_the_findings(): void
    {
        \Illuminate\Support\Facades\Artisan::call('dinghy:evaluate', ['plan' => database_path('demo/mistakes/skiff.json')]);
        $findings = collect(json_decode(\Illuminate\Support\Facades\Artisan::output(), true, 64, JSON_THROW_ON_ERROR)['findings'])->keyBy('rule');

        self::assertSame([['on' => 'feed:bow-motor', 'set' => ['run.gauge' => '6 AWG']]], $findings['W02']['patch']);
        self::assertSame('Run 6 AWG.', $findings['W02']['remedy']);
        self::assertNull($findings['D05']['patch']);
    }
}
