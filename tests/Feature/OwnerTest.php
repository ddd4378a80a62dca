<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\FunctionCheck;
use App\Models\Job;
use App\Models\OwnerQuestion;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What an owner is asked by a link, and what an owner signs on the phone. */
final class OwnerTest extends TestCase
{
    private const STROKES = [[[0.1, 0.5], [0.15, 0.4], [0.2, 0.6], [0.25, 0.4], [0.3, 0.6], [0.35, 0.4], [0.4, 0.5]], [[0.5, 0.5], [0.55, 0.4], [0.6, 0.6], [0.65, 0.5], [0.7, 0.5]]];

    /** Rot behind a panel: one step waits for the owner's word, the rest goes on. */
    public function test_a_step_waits_for_the_owners_word_and_no_other(): void
    {
        $this->actingAs($this->person('apprentice'));
        $job = $this->skiff();
        $asked = $this->asks($job)->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/questions', 200, (string) $asked->getContent());
        [$address, $secret] = explode('#', (string) $asked->json('link'));
        self::assertStringEndsWith('/owner', $address, 'what is secret stands where no server is sent it');
        self::assertSame(['label:house-'], $this->heldBy($job, 'The owner is asked'));
        self::assertNotContains('label:house-', $this->ready($job));
        self::assertContains('label:bow-motor-', $this->ready($job));

        // The owner is nobody of the shop.
        $this->app?->make('auth')->forgetGuards();
        $seen = $this->postJson('/api/owner-question', ['token' => $secret])->assertOk();
        ApiContract::assertMet('POST', '/api/owner-question', 200, (string) $seen->getContent());
        self::assertSame(['Fernhollow Slip', 'Rot behind the panel. Renew it?', 180, 'EUR', 2, null], [$seen->json('shop'), $seen->json('words'), $seen->json('price'), $seen->json('currency'), $seen->json('delay_days'), $seen->json('answer')]);
        $answered = $this->postJson('/api/owner-question/answer', ['token' => $secret, 'answer' => true, 'words' => 'Please do.'])->assertOk();
        ApiContract::assertMet('POST', '/api/owner-question/answer', 200, (string) $answered->getContent());
        // Said again because the answer was lost it stands; said otherwise it is refused.
        $this->postJson('/api/owner-question/answer', ['token' => $secret, 'answer' => true])->assertOk();
        $this->postJson('/api/owner-question/answer', ['token' => $secret, 'answer' => false])->assertConflict();

        $this->actingAs($this->person('rigger'));
        self::assertContains('label:house-', $this->ready($job));
        $told = (array) $this->getJson("/api/jobs/{$job->id}/work")->json('questions.0');
        self::assertSame([true, 'Please do.', 'Pim Osterhay'], [$told['answer'], $told['answer_words'], $told['by']]);
    }

    public function test_a_no_holds_until_the_question_is_taken_back(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $asked = $this->asks($job);
        $secret = explode('#', (string) $asked->json('link'))[1];
        $this->postJson('/api/owner-question/answer', ['token' => $secret, 'answer' => false])->assertOk();
        self::assertSame(['label:house-'], $this->heldBy($job, 'The owner said no'));
        $refused = $this->postJson("/api/jobs/{$job->id}/work/entries", ['entries' => [['id' => (string) Str::uuid(), 'step' => 'label:house-', 'act' => 'done', 'at' => now()->format('Y-m-d\TH:i:sP'), 'by' => $this->person('rigger')->id]]]);
        self::assertStringContainsString('It is held: The owner said no', (string) $refused->json('outcomes.0.says'));
        $this->deleteJson("/api/jobs/{$job->id}/questions/{$asked->json('question.id')}")->assertNoContent();
        self::assertContains('label:house-', $this->ready($job));
        $this->postJson('/api/owner-question', ['token' => $secret])->assertNotFound();
    }

    public function test_a_link_is_not_guessed_and_ends(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $asked = $this->asks($job);
        $secret = explode('#', (string) $asked->json('link'))[1];
        self::assertGreaterThan(40, strlen($secret));
        self::assertStringNotContainsString($secret, json_encode(OwnerQuestion::query()->get()->toArray(), JSON_THROW_ON_ERROR), 'only a hash of it is kept');
        $this->postJson('/api/owner-question', ['token' => substr($secret, 0, -1).'x'])->assertNotFound();
        $this->postJson('/api/owner-question', ['token' => ''])->assertUnprocessable();
        $this->travel(8)->days();
        $this->postJson('/api/owner-question', ['token' => $secret])->assertNotFound();
        $this->postJson('/api/owner-question/answer', ['token' => $secret, 'answer' => true])->assertNotFound();
        self::assertSame(['label:house-'], $this->heldBy($job, 'did not answer in time'));
    }

    /** Sent again because the answer was lost, it is one question; its first link, which never arrived, is over. */
    public function test_asked_again_it_is_one_question(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $id = (string) Str::uuid();
        [$first, $second] = array_map(fn (): string => explode('#', (string) $this->asks($job, ['id' => $id])->json('link'))[1], [1, 2]);
        self::assertSame(1, OwnerQuestion::query()->count());
        $this->postJson('/api/owner-question', ['token' => $first])->assertNotFound();
        $this->postJson('/api/owner-question', ['token' => $second])->assertOk();
        $this->asks($job, ['id' => $id, 'words' => 'Something else altogether?'])->assertUnprocessable();
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_not_asked(array $wrong, string $says): void
    {
        $this->actingAs($this->person('rigger'));
        self::assertStringContainsString($says, (string) $this->asks($this->skiff(), $wrong)->assertUnprocessable()->json('message'));
        self::assertSame(0, OwnerQuestion::query()->count());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            'no words' => [['words' => ''], 'in words'],
            'a step that is none' => [['step' => 'paint'], 'no such step'],
            'a price below nothing' => [['price' => -1], 'from 0 up'],
            'a delay of years' => [['delay_days' => 4000], 'number of days'],
            'a picture of another boat' => [['picture' => str_repeat('0', 64)], 'of this boat'],
        ];
    }

    public function test_what_worked_is_said_and_signed_and_again_when_she_leaves(): void
    {
        $this->actingAs($this->person('apprentice'));
        $job = $this->skiff();
        $empty = $this->signs($job, 'coming')->assertUnprocessable();
        self::assertStringContainsString('nothing to sign yet', (string) $empty->json('message'));
        $this->says($job, 'Bilge pump', 'coming', 'works', 0)->assertOk();
        $said = $this->says($job, 'Horn', 'coming', 'does-not', 0)->assertOk();
        ApiContract::assertMet('PUT', '/api/jobs/{job}/functions', 200, (string) $said->getContent());
        $signed = $this->signs($job, 'coming')->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/functions/signatures', 200, (string) $signed->getContent());
        self::assertSame([['coming', 'Maren Tavola', true]], array_map(static fn (array $one): array => [$one['moment'], $one['name'], $one['is_current']], (array) $signed->json('signatures')));
        self::assertSame(['hand-over'], $this->heldBy($job, 'has not signed how she leaves'));

        self::assertStringContainsString('not said of “Bilge pump”', (string) $this->signs($job, 'leaving')->assertUnprocessable()->json('message'));
        $this->says($job, 'Bilge pump', 'leaving', 'works', 1)->assertOk();
        $this->says($job, 'Horn', 'leaving', 'works', 1)->assertOk();
        $this->signs($job, 'leaving')->assertOk();
        self::assertSame([], $this->heldBy($job, 'has not signed how she leaves'));
        // Changed after it was signed, it is signed anew.
        $after = $this->says($job, 'Horn', 'leaving', 'does-not', 2)->assertOk();
        self::assertSame([true, false], array_column((array) $after->json('signatures'), 'is_current'));
        self::assertSame(['hand-over'], $this->heldBy($job, 'has not signed how she leaves'));
    }

    public function test_two_phones_say_otherwise_of_the_same(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $this->says($job, 'Horn', 'coming', 'works', 0)->assertOk();
        self::assertStringContainsString('somebody else', (string) $this->says($job, 'horn', 'coming', 'does-not', 0)->assertConflict()->json('message'));
        $this->says($job, 'HORN', 'coming', 'works', 0)->assertOk(); // the same, whose answer was lost
        self::assertSame(1, FunctionCheck::query()->count());
        $this->says($job, 'Horn', 'coming', null, 1)->assertOk();
        self::assertSame(0, FunctionCheck::query()->count(), 'nothing is said of it any more');
    }

    #[DataProvider('scribbles')]
    public function test_a_signature_without_strokes_is_none(mixed $strokes): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $this->says($job, 'Horn', 'coming', 'works', 0);
        self::assertStringContainsString('signature', (string) $this->postJson("/api/jobs/{$job->id}/functions/signatures", ['moment' => 'coming', 'name' => 'Maren Tavola', 'strokes' => $strokes])->assertUnprocessable()->json('message'));
    }

    /** @return array<string, array{mixed}> */
    public static function scribbles(): array
    {
        return [
            'none' => [[]],
            'a tap' => [[[[0.5, 0.5]]]],
            'a stroke that stands still' => [[array_fill(0, 30, [0.5, 0.5])]],
            'words' => ['Maren'],
            'beyond the field' => [[array_fill(0, 30, [1.5, 0.5])]],
            'no points' => [[['x', 'y']]],
            'strokes by name' => [['first' => [[0.1, 0.1]]]],
        ];
    }

    /**
     * @param  array<string, mixed>  $other
     * @return TestResponse<Response>
     */
    private function asks(Job $job, array $other = []): TestResponse
    {
        return $this->postJson("/api/jobs/{$job->id}/questions", ['id' => (string) Str::uuid(), 'step' => 'label:house-', 'words' => 'Rot behind the panel. Renew it?', 'price' => 180, 'delay_days' => 2, ...$other]);
    }

    /** @return TestResponse<Response> */
    private function says(Job $job, string $name, string $moment, ?string $state, int $version): TestResponse
    {
        return $this->putJson("/api/jobs/{$job->id}/functions", ['name' => $name, 'moment' => $moment, 'state' => $state, 'version' => $version]);
    }

    /** @return TestResponse<Response> */
    private function signs(Job $job, string $moment): TestResponse
    {
        return $this->postJson("/api/jobs/{$job->id}/functions/signatures", ['moment' => $moment, 'name' => 'Maren Tavola', 'strokes' => self::STROKES]);
    }

    /** @return list<string> steps that are held by a sentence like this */
    private function heldBy(Job $job, string $says): array
    {
        $held = (array) $this->getJson("/api/jobs/{$job->id}/work")->assertOk()->json('held');

        return array_values(array_map(static fn (array $one): string => $one['step'], array_filter($held, static fn (array $one): bool => str_contains(implode(' ', $one['says']), $says))));
    }

    /** @return list<string> */
    private function ready(Job $job): array
    {
        return array_values((array) $this->getJson("/api/jobs/{$job->id}/work")->assertOk()->json('ready'));
    }
}
