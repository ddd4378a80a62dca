<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\WorkEntry;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\DoneSteps;
use Tests\TestCase;

/** The record of the work: entries sent once or again, in order, by whom, against a plan that changes meanwhile. */
final class WorkTest extends TestCase
{
    public function test_the_stage_and_its_record_are_as_they_are_described(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        foreach (["jobs/{$job->id}/stages/rig?units=metric" => '/api/jobs/{job}/stages/{stage}', "jobs/{$job->id}/work?at=photograph:stern" => '/api/jobs/{job}/work', "jobs/{$job->id}/hands" => '/api/jobs/{job}/hands'] as $uri => $path) {
            $answer = $this->getJson("/api/{$uri}")->assertOk();
            ApiContract::assertMet('GET', $path, 200, (string) $answer->getContent());
        }
        $methods = $this->getJson("/api/jobs/{$job->id}/work/methods?units=metric")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/work/methods', 200, (string) $methods->getContent());
        self::assertSame(array_column((array) $this->getJson("/api/jobs/{$job->id}/stages/rig")->json('steps'), 'id'), array_column((array) $methods->json('methods'), 'step'));
        $this->enter($job, ['step' => 'photograph:stern', 'act' => 'done'], ['step' => 'wait:charged:thrust', 'act' => 'begin'], ['step' => 'photograph:bow', 'act' => 'note', 'words' => 'Rust at the rail.']);
        ApiContract::assertMet('GET', '/api/jobs/{job}/work', 200, (string) $this->getJson("/api/jobs/{$job->id}/work")->assertOk()->getContent());
        $steps = $this->getJson("/api/jobs/{$job->id}/stages/rig")->json('steps');
        self::assertIsArray($steps);
        self::assertGreaterThan(150, count($steps));
    }

    /** What a phone sends again because the answer was lost is there once; under its id nothing else is taken. */
    public function test_sent_again_it_is_there_once(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $entry = $this->entry(['step' => 'photograph:stern', 'act' => 'done']);
        for ($time = 0; $time < 3; $time++) {
            self::assertSame([['id' => $entry['id'], 'kept' => true, 'says' => null]], $this->send($job, $entry)->assertOk()->json('outcomes'));
        }
        self::assertSame(1, WorkEntry::query()->count());
        self::assertStringContainsString('Another entry', (string) $this->send($job, [...$entry, 'step' => 'photograph:bow'])->json('outcomes.0.says'));
        self::assertTrue($this->send($job, [...$this->entry(['step' => 'photograph:bow-locker', 'act' => 'note', 'words' => 'as browsers write a moment']), 'at' => '2026-11-29T12:00:00.123Z'])->json('outcomes.0.kept'));
        WorkEntry::query()->where('act', 'note')->delete();
        // In capitals it is the same id.
        self::assertTrue($this->send($job, [...$entry, 'id' => strtoupper($entry['id'])])->json('outcomes.0.kept'));
        self::assertSame(1, WorkEntry::query()->count());
    }

    public function test_two_phones_do_the_same_step(): void
    {
        $job = $this->skiff();
        $this->actingAs($this->person('rigger'));
        $this->enter($job, ['step' => 'photograph:stern', 'act' => 'done']);
        $this->actingAs($this->person('owner'));
        $second = $this->send($job, $this->entry(['step' => 'photograph:stern', 'act' => 'done'], 'owner'))->assertOk();
        self::assertSame('Already done by Jorun Tellvik.', $second->json('outcomes.0.says'));
        self::assertTrue($second->json('outcomes.0.kept'));
        self::assertSame([['photograph:stern', 'Jorun Tellvik']], array_map(static fn (array $one): array => [$one['step'], $one['by']], self::rows($second, 'work.done')));
        self::assertSame(1, WorkEntry::query()->count());
    }

    /** Of a batch each is taken or refused for itself, in its order: what follows a refused one is refused for what it needs. */
    public function test_what_cannot_be_is_refused_in_words_and_the_rest_is_kept(): void
    {
        $this->actingAs($this->person('rigger'));
        $answer = $this->send($this->skiff(),
            $this->entry(['step' => 'photograph:stern', 'act' => 'done']),
            $this->entry(['step' => 'make-safe:chargers', 'act' => 'done', 'tick' => true]),
            $this->entry(['step' => 'photograph:bow-locker', 'act' => 'done']),
            $this->entry(['step' => 'no such', 'act' => 'done']),
            $this->entry(['step' => 'energise:feed:bow-motor', 'act' => 'done']),
        )->assertOk();
        self::assertSame([true, false, true, false, false], array_column(self::rows($answer, 'outcomes'), 'kept'));
        $says = array_column(self::rows($answer, 'outcomes'), 'says');
        self::assertStringStartsWith('Not yet: first “Tiller seat', $says[1]);
        self::assertStringContainsString('no such step any more', $says[3]);
        self::assertSame(['photograph:stern', 'photograph:bow-locker'], WorkEntry::query()->pluck('step', 'id')->values()->all());
    }

    public function test_a_hold_is_signed_by_who_may_with_what_it_asks_for(): void
    {
        $job = $this->skiff();
        $this->photographed($job);
        $this->actingAs($this->person('apprentice'));
        self::assertStringContainsString('rigger', (string) $this->send($job, $this->entry(['step' => 'make-safe:chargers', 'act' => 'done', 'tick' => true], 'apprentice'))->json('outcomes.0.says'));
        $this->actingAs($this->person('rigger'));
        self::assertStringContainsString('Every charger is unplugged', (string) $this->send($job, $this->entry(['step' => 'make-safe:chargers', 'act' => 'done']))->json('outcomes.0.says'));
        $this->enter($job, ['step' => 'make-safe:chargers', 'act' => 'done', 'tick' => true], ['step' => 'make-safe:bank:thrust', 'act' => 'done', 'tick' => true], ['step' => 'make-safe:bank:electronics', 'act' => 'done', 'tick' => true]);
        $proven = fn (array $volts): ?string => $this->send($job, $this->entry(['step' => 'strip-out:check-tiller', 'act' => 'done', 'readings' => $volts]))->json('outcomes.0.says');
        self::assertStringContainsString('is live', (string) $proven([12.6, 12.4, 12.6]));
        self::assertStringContainsString('three readings', (string) $proven([]));
        self::assertNull($proven([12.6, 0.01, 12.5]));
        self::assertSame([12.6, 0.01, 12.5], WorkEntry::query()->where('step', 'strip-out:check-tiller')->firstOrFail()->content['readings'] ?? null, 'what was read is kept');
        // An apprentice does what is no hold.
        $this->actingAs($this->person('apprentice'));
        self::assertTrue($this->send($job, $this->entry(['step' => 'clean:old-1', 'act' => 'done'], 'apprentice'))->json('outcomes.0.kept'));
    }

    public function test_what_others_stand_on_is_taken_back_with_them_or_not_at_all(): void
    {
        $job = $this->skiff();
        $this->photographed($job);
        $this->actingAs($this->person('rigger'));
        $this->enter($job, ['step' => 'make-safe:chargers', 'act' => 'done', 'tick' => true], ['step' => 'make-safe:bank:thrust', 'act' => 'done', 'tick' => true]);
        self::assertStringContainsString('stands on it', (string) $this->send($job, $this->entry(['step' => 'make-safe:chargers', 'act' => 'undo']))->json('outcomes.0.says'));
        $all = $this->entry(['step' => 'make-safe:chargers', 'act' => 'undo', 'following' => true]);
        $before = WorkEntry::query()->count();
        for ($time = 0; $time < 2; $time++) {
            self::assertTrue($this->send($job, $all)->json('outcomes.0.kept'));
        }
        self::assertSame($before + 2, WorkEntry::query()->count());
        self::assertNotContains('make-safe:bank:thrust', array_column(self::rows($this->getJson("/api/jobs/{$job->id}/work"), 'done'), 'step'));
        self::assertSame('It is open already.', $this->send($job, $this->entry(['step' => 'make-safe:chargers', 'act' => 'undo']))->json('outcomes.0.says'));
    }

    /** A wait runs from when its last need was done; a phone's clock that is ahead makes nothing cure sooner. */
    public function test_a_clock_that_is_wrong_cures_nothing(): void
    {
        $job = $this->skiff();
        $this->photographed($job);
        $this->actingAs($this->person('rigger'));
        $this->enter($job, ['step' => 'wait:charged:thrust', 'act' => 'begin', 'at' => CarbonImmutable::now()->addYear()->format('Y-m-d\TH:i:sP')]);
        $waits = self::rows($this->getJson("/api/jobs/{$job->id}/work"), 'waits');
        self::assertSame(['wait:charged:thrust'], array_column($waits, 'step'));
        self::assertEqualsWithDelta(CarbonImmutable::now()->addHours(12)->getTimestamp(), CarbonImmutable::parse($waits[0]['over'])->getTimestamp(), 5);
        self::assertStringContainsString('not stood long enough', (string) $this->send($job, $this->entry(['step' => 'wait:charged:thrust', 'act' => 'done', 'tick' => true]))->json('outcomes.0.says'));
        $this->travel(13)->hours();
        self::assertTrue($this->send($job, $this->entry(['step' => 'wait:charged:thrust', 'act' => 'done', 'tick' => true]))->json('outcomes.0.kept'));
    }

    /** Done without a line half a day ago, it began half a day ago. */
    public function test_what_waited_on_a_phone_counts_from_when_it_was_done(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $this->enter($job, ['step' => 'wait:charged:thrust', 'act' => 'begin', 'at' => CarbonImmutable::now()->subHours(13)->format('Y-m-d\TH:i:sP')]);
        self::assertTrue($this->send($job, $this->entry(['step' => 'wait:charged:thrust', 'act' => 'done', 'tick' => true]))->json('outcomes.0.kept'));
    }

    public function test_what_is_built_otherwise_changes_the_plan_in_ones_own_name(): void
    {
        $job = $this->skiff();
        $this->actingAs($this->person('apprentice'));
        $answer = $this->send($job, $this->entry(['step' => 'energise:feed:house', 'act' => 'as-built', 'what' => 'fuse', 'value' => '200 A'], 'apprentice'))->assertOk();
        self::assertSame([true, true], [$answer->json('outcomes.0.kept'), $answer->json('plan_changed')]);
        self::assertStringContainsString('Stop: ', (string) $answer->json('outcomes.0.says'), 'what it changes is told at once');
        $version = $job->planVersions()->orderByDesc('number')->firstOrFail();
        self::assertSame('Pim Osterhay', $version->author?->name);
        self::assertContains('energise:feed:house', array_column(self::rows($answer, 'work.held'), 'step'), 'a fuse that its wire cannot bear holds the circuit');
        self::assertSame('fuse: 200 A', self::rows($answer, 'work.log')[0]['words']);

        $versions = PlanVersion::query()->count();
        $refused = $this->send($job, $this->entry(['step' => 'energise:feed:house', 'act' => 'as-built', 'what' => 'fuse', 'value' => 'large'], 'apprentice'))->assertOk();
        self::assertFalse($refused->json('outcomes.0.kept'));
        self::assertStringContainsString('found "large"', (string) $refused->json('outcomes.0.says'));
        self::assertSame($versions, PlanVersion::query()->count());
    }

    /** What was done stays done where the plan changes something else; what it changed is open again, and said. */
    public function test_the_plan_changes_in_the_middle(): void
    {
        $job = $this->skiff();
        $this->actingAs($this->person('rigger'));
        $this->enter($job, ['step' => 'label:bow-motor-', 'act' => 'done'], ['step' => 'label:house-', 'act' => 'done'], ['step' => 'label:br-hub', 'act' => 'done']);
        $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:house', 'set' => ['run.gauge' => '2 AWG']]]])->assertOk();
        $this->deleteJson("/api/jobs/{$job->id}/plan/parts", ['on' => 'device:hub'])->assertOk();
        $work = $this->getJson("/api/jobs/{$job->id}/work")->assertOk();
        self::assertSame(['label:bow-motor-'], array_column(self::rows($work, 'done'), 'step'));
        self::assertSame(['label:house-'], array_column(self::rows($work, 'changed'), 'step'));
        self::assertSame(['label:br-hub'], array_column(self::rows($work, 'gone'), 'step'));
        self::assertTrue($this->send($job, $this->entry(['step' => 'label:house-', 'act' => 'done']))->json('outcomes.0.kept'), 'done again as it is now');
        self::assertFalse($this->send($job, $this->entry(['step' => 'pull:br-hub', 'act' => 'done']))->json('outcomes.0.kept'));
        self::assertTrue($this->send($job, $this->entry(['step' => 'pull:br-hub', 'act' => 'note', 'words' => 'Done, and the plan has it no more.']))->json('outcomes.0.kept'), 'what was said of it is not lost');
        self::assertSame([], self::rows($this->getJson("/api/jobs/{$job->id}/work"), 'changed'));
    }

    public function test_two_people_are_led_past_one_another(): void
    {
        $job = $this->skiff();
        $this->actingAs($this->person('rigger'));
        $at = (string) $this->getJson("/api/jobs/{$job->id}/work")->json('next.0');
        $this->getJson("/api/jobs/{$job->id}/work?at=".rawurlencode($at))->assertOk();
        $this->actingAs($this->person('apprentice'));
        $other = $this->getJson("/api/jobs/{$job->id}/work")->assertOk();
        self::assertSame([['name' => 'Jorun Tellvik', 'step' => $at]], $other->json('others'));
        self::assertNotContains($at, (array) $other->json('next'));
        $this->travel(10)->minutes();
        self::assertSame([], $this->getJson("/api/jobs/{$job->id}/work")->json('others'), 'who does not ask any more has gone');
    }

    /** One phone, two hands: four digits, counted and logged; the work is entered in the name of whoever has it. */
    public function test_the_phone_goes_into_another_hand(): void
    {
        $job = $this->skiff();
        $this->photographed($job);
        [$apprentice, $rigger] = [$this->person('apprentice'), $this->person('rigger')];
        $this->actingAs($rigger)->putJson('/api/hands/code', ['code' => '4096', 'password' => 'wrong'])->assertUnprocessable();
        $this->putJson('/api/hands/code', ['code' => '12a4', 'password' => 'lake-aurensee'])->assertUnprocessable();
        $this->putJson('/api/hands/code', ['code' => '4096', 'password' => 'lake-aurensee'])->assertNoContent();
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($apprentice);
        $this->postJson("/api/jobs/{$job->id}/hands", ['person' => $rigger->id, 'code' => '0000'])->assertUnprocessable();
        $taken = $this->postJson("/api/jobs/{$job->id}/hands", ['person' => $rigger->id, 'code' => '4096'])->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/hands', 200, (string) $taken->getContent());
        self::assertStringNotContainsString('hands_code', (string) $taken->getContent());

        // What the apprentice made before is not sent in another's name.
        self::assertStringContainsString('another hand', (string) $this->send($job, $this->entry(['step' => 'clean:old-1', 'act' => 'note', 'words' => 'x'], 'apprentice'))->json('outcomes.0.says'));
        $signed = $this->send($job, $this->entry(['step' => 'make-safe:chargers', 'act' => 'done', 'tick' => true]));
        self::assertTrue($signed->json('outcomes.0.kept'));
        $entry = WorkEntry::query()->where('step', 'make-safe:chargers')->firstOrFail();
        self::assertSame([$rigger->id, $apprentice->id], [$entry->user_id, $entry->signed_in_id]);
        self::assertSame(['id' => $rigger->id, 'name' => $rigger->name, 'may_sign' => true, 'is_signed_in' => false], $signed->json('work.hand'));

        // The plan stays the apprentice's to read alone.
        $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:house', 'set' => ['run.gauge' => '2 AWG']]]])->assertForbidden();
        $this->deleteJson("/api/jobs/{$job->id}/hands")->assertOk();
        self::assertTrue($this->getJson("/api/jobs/{$job->id}/work")->json('hand.is_signed_in'));
        self::assertSame(['hands', 'hands'], array_values(array_filter(array_column(self::rows($this->getJson("/api/jobs/{$job->id}/work"), 'log'), 'act'), static fn (string $act): bool => $act === 'hands')));
    }

    public function test_four_digits_are_not_guessed(): void
    {
        $job = $this->skiff();
        $rigger = $this->person('rigger');
        $rigger->update(['hands_code' => '4096']);
        self::assertStringNotContainsString('4096', (string) $rigger->refresh()->hands_code);
        $this->actingAs($this->person('apprentice'));
        for ($try = 0; $try < 5; $try++) {
            $this->postJson("/api/jobs/{$job->id}/hands", ['person' => $rigger->id, 'code' => "100{$try}"])->assertUnprocessable();
        }
        $this->postJson("/api/jobs/{$job->id}/hands", ['person' => $rigger->id, 'code' => '4096'])->assertStatus(Response::HTTP_TOO_MANY_REQUESTS);
        $this->postJson("/api/jobs/{$job->id}/hands", ['person' => $this->stranger()->id, 'code' => '4096'])->assertUnprocessable();
        $this->postJson("/api/jobs/{$job->id}/hands", ['person' => $this->person('owner')->id, 'code' => '4096'])->assertUnprocessable();
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_the_field(array $wrong, string $says): void
    {
        $this->actingAs($this->person('rigger'));
        $entry = [...$this->entry(['step' => 'photograph:stern', 'act' => 'done']), ...$wrong];
        self::assertStringContainsString($says, (string) $this->send($this->skiff(), $entry)->assertUnprocessable()->json('message'));
        self::assertSame(0, WorkEntry::query()->count());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            'no id' => [['id' => 'one'], 'a UUID of its own'],
            'no act' => [['act' => 'perhaps'], 'what was done'],
            'a moment that never was' => [['at' => '2026-02-31T25:00:00Z'], 'when it was done'],
            'a moment without its zone' => [['at' => '2026-11-29T12:00:00'], 'when it was done'],
            'no moment' => [['at' => 'yesterday'], 'when it was done'],
            'no hand' => [['by' => 'me'], 'whose hand'],
            'no number' => [['readings' => ['much']], 'a number'],
            'too many readings' => [['readings' => [1, 2, 3, 4]], 'a number'],
            'a note without words' => [['act' => 'note'], 'in words'],
            'otherwise, but how' => [['act' => 'as-built', 'value' => '1 m'], 'what is otherwise'],
            'a reason that is none' => [['reason' => 'x'], 'why it may go on'],
        ];
    }

    /** Goods that come in: their numbers stand in the record. */
    public function test_serial_numbers_stand_in_the_record(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $this->enter($job, ['step' => 'bench:device:hub', 'act' => 'done', 'serial' => 'NH-20417', 'version' => '3.2']);
        self::assertSame('serial NH-20417; version 3.2', self::rows($this->getJson("/api/jobs/{$job->id}/work"), 'log')[0]['words']);
    }

    /** What a step takes and the shelf does not have is said at the step; it holds nothing. */
    public function test_what_is_missing_is_said_where_it_is_wanted(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $missing = fn (): array => array_column(self::rows($this->getJson("/api/jobs/{$job->id}/work"), 'missing'), 'says', 'step');
        \App\Models\StockLength::query()->delete();
        $wanted = $missing();
        self::assertStringContainsString('6 AWG black', implode(' ', $wanted['label:house-'] ?? []));
        self::assertArrayNotHasKey('photograph:stern', $wanted);
        $item = \App\Models\StockItem::query()->where('name', '6 AWG black')->firstOrFail();
        $item->lengths()->create(['millimetres' => 90_000]);
        self::assertStringNotContainsString('6 AWG black', implode(' ', $missing()['label:house-'] ?? []));
        $this->enter($job, ['step' => 'label:house-', 'act' => 'done']);
    }

    public function test_the_order_of_work_says_how_much_is_done(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $says = fn (): mixed => array_column(self::rows($this->getJson("/api/jobs/{$job->id}"), 'stages'), 'says', 'stage')['rig'] ?? null;
        self::assertSame('to do', $says());
        $this->enter($job, ['step' => 'photograph:stern', 'act' => 'done'], ['step' => 'label:house-', 'act' => 'done']);
        self::assertSame('2 done', $says());
        $this->enter($job, ['step' => 'label:house-', 'act' => 'undo']);
        self::assertSame('1 done', $says());
        // Done anew because the plan has changed it, it is one step all the same.
        $this->enter($job, ['step' => 'label:house-', 'act' => 'done']);
        $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:house', 'set' => ['run.gauge' => '2 AWG']]]])->assertOk();
        $this->enter($job, ['step' => 'label:house-', 'act' => 'done']);
        self::assertSame('2 done', $says());
    }

    /** Built otherwise once it has power: the bank is proven dead before anything else, and the apprentice who said so cannot sign that. */
    public function test_what_is_built_otherwise_after_power_begins_with_the_bank_made_safe(): void
    {
        $job = $this->skiff();
        DoneSteps::before($job, 'commission:motor');
        $this->actingAs($this->person('rigger'));
        self::assertSame([], self::rows($this->getJson("/api/jobs/{$job->id}/work"), 'reopened'));
        $this->enter($job, ['step' => 'pull:bow-motor-', 'act' => 'as-built', 'what' => 'gauge', 'value' => '2 AWG']);
        $work = $this->getJson("/api/jobs/{$job->id}/work?at=plug-in:feed:bow-motor")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/work', 200, (string) $work->getContent());
        self::assertSame('make-safe:bank:thrust', $work->json('next.0'));
        self::assertSame(['make-safe:bank:thrust', ['S08']], [$work->json('otherwise.0.step'), array_column((array) $work->json('otherwise.0.holds'), 'rule')]);
        self::assertSame(['make-safe:bank:thrust', 'off:feed:bow-motor', 'rest:feed:bow-motor', 'plug-in:feed:bow-motor', 'loaded:feed:bow-motor'], array_column(self::rows($work, 'reopened'), 'step'));
        self::assertNotContains('energise:feed:bow-motor', array_column(self::rows($work, 'done'), 'step'), 'a thicker wire has another breaker');
        $says = fn (array $entry): mixed => $this->send($job, $this->entry(['act' => 'done', ...$entry]))->json('outcomes.0.says');
        self::assertStringContainsString('Not yet', (string) $says(['step' => 'plug-in:feed:bow-motor']));
        self::assertStringContainsString('three readings', (string) $says(['step' => 'make-safe:bank:thrust', 'tick' => true]));
        self::assertStringContainsString('The conductor is live', (string) $says(['step' => 'make-safe:bank:thrust', 'readings' => [38.1, 38.1, 38.1]]));
        self::assertNull($says(['step' => 'make-safe:bank:thrust', 'readings' => [38.1, 0.0, 38.1]]));
        self::assertSame([], $this->getJson("/api/jobs/{$job->id}/work")->json('otherwise'));
        self::assertStringContainsString('Already done', (string) $says(['step' => 'make-safe:bank:thrust', 'readings' => [38.1, 0.0, 38.1]]));
    }

    /** Every place of the skiff: where there is no picture, with a reason. */
    private function photographed(Job $job): void
    {
        $this->actingAs($this->person('rigger'));
        $this->enter($job, ...array_map(static fn (string $place): array => ['step' => "photograph:{$place}", 'act' => 'done', 'reason' => 'nothing is fitted there'], ['stern', 'tiller', 'midship', 'bow-locker', 'bow', 'marks:tiller-display']));
        $this->app?->make('auth')->forgetGuards();
    }

    /** @param  array<string, mixed>  ...$entries */
    private function enter(Job $job, array ...$entries): void
    {
        $answer = $this->send($job, ...array_map($this->entry(...), $entries))->assertOk();
        self::assertSame([], array_filter(self::rows($answer, 'outcomes'), static fn (array $one): bool => $one['kept'] !== true));
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return array<string, mixed>&array{id: string}
     */
    private function entry(array $entry, string $role = 'rigger'): array
    {
        return ['id' => (string) Str::uuid(), 'at' => CarbonImmutable::now()->format('Y-m-d\TH:i:sP'), 'by' => $this->person($role)->id, ...$entry];
    }

    /**
     * @param  array<string, mixed>  ...$entries
     * @return TestResponse<Response>
     */
    private function send(Job $job, array ...$entries): TestResponse
    {
        return $this->postJson("/api/jobs/{$job->id}/work/entries", ['entries' => $entries]);
    }

    /**
     * @param  TestResponse<Response>  $answer
     * @return list<array<string, mixed>>
     */
    private static function rows(TestResponse $answer, string $key): array
    {
        $rows = $answer->json($key);
        self::assertIsArray($rows);

        /** @var list<array<string, mixed>> $rows */
        return $rows;
    }
}
