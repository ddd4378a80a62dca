<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\OwnerQuestion;
use App\Models\User;
use App\Rigging\Questions;
use App\SignIn\Hands;
use Dinghy\Area\Rigging\Steps;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What an owner is asked, by the shop; and the owner's side of it, by whoever holds the link. */
final class OwnerQuestionController extends Controller
{
    private const MESSAGES = [
        'id.*' => 'Not asked: give the question a UUID of its own.',
        'step.*' => 'Not asked: say which step waits for the answer.',
        'words.*' => 'Not asked: say in words what is asked, up to 1000 letters.',
        'price.*' => 'Not asked: a price is a number from 0 up.',
        'delay_days.*' => 'Not asked: a delay is a number of days, from 0 to 365.',
        'picture.*' => 'Not asked: choose a photograph of this boat.',
        'token.*' => 'This address is not whole. Open the link again.',
        'answer.*' => 'Say yes or no.',
    ];

    public function store(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('recordWork', $job);
        $asked = $request->validate([
            'id' => ['required', 'string', 'uuid'], 'step' => ['required', 'string', 'max:200'], 'words' => ['required', 'string', 'min:4', 'max:1000'],
            'price' => ['nullable', 'numeric', 'between:0,9999999'], 'delay_days' => ['nullable', 'integer', 'between:0,365'], 'picture' => ['nullable', 'string', 'regex:/^[0-9a-f]{64}$/D'],
        ], self::MESSAGES);
        self::evaluationOf($job)->boat->figures(Steps::class)->find($asked['step']) ?? abort(422, 'Not asked: the plan has no such step.');
        $picture = $asked['picture'] ?? null;
        $picture === null || $job->photographs()->where('content', $picture)->exists() || abort(422, self::MESSAGES['picture.*']);
        [$question, $secret] = Questions::ask($job, (new Hands($request->session(), $user))->now(), [
            'id' => strtolower($asked['id']), 'step' => $asked['step'], 'words' => trim($asked['words']), 'picture' => $picture,
            'price' => is_numeric($asked['price'] ?? null) ? (float) $asked['price'] : null, 'delay_days' => (int) ($asked['delay_days'] ?? 0),
        ]);

        return response()->json(['question' => Questions::told($question), 'link' => url("/owner#{$secret}")]);
    }

    public function destroy(Job $job, int $question): Response
    {
        $this->authorize('recordWork', $job);
        OwnerQuestion::query()->where('job_id', $job->id)->findOrFail($question)->update(['withdrawn_at' => now()]);

        return response()->noContent();
    }

    /** What is secret in the link comes in the body: no address that a server writes down has it. */
    public function read(Request $request): JsonResponse
    {
        return response()->json(self::forOwner(self::behind($request)));
    }

    public function answer(Request $request): JsonResponse
    {
        $asked = $request->validate(['answer' => ['required', 'boolean:strict'], 'words' => ['nullable', 'string', 'max:1000']], self::MESSAGES);
        $question = self::behind($request);
        Questions::answer($question, $asked['answer'], $asked['words'] ?? null) || $question->answer === $asked['answer'] || abort(409, 'It was answered before. Call the shop if it is to be otherwise.');

        return response()->json(self::forOwner($question->refresh()));
    }

    private static function behind(Request $request): OwnerQuestion
    {
        $asked = $request->validate(['token' => ['required', 'string', 'max:100']], self::MESSAGES);

        return Questions::behind($asked['token']) ?? abort(404, 'This question is not open any more. Call the shop.');
    }

    /** @return array<string, mixed> this question, and nothing else of the boat */
    private static function forOwner(OwnerQuestion $question): array
    {
        $customer = $question->job->boat->customer;
        $picture = Questions::picture($question);

        return [
            'shop' => $customer->shop->name, 'boat' => $question->job->boat->name, 'by' => $question->author->name, 'words' => $question->words,
            'price' => $question->price, 'currency' => $customer->shop->settings()->currency, 'delay_days' => $question->delay_days,
            'picture' => $picture === null ? null : 'data:image/jpeg;base64,'.base64_encode($picture),
            'ends_at' => $question->ends_at->toIso8601String(), 'answer' => $question->answer, 'answer_words' => $question->answer_words,
        ];
    }
}
