<?php

declare(strict_types=1);

namespace App\Http;

use App\Photographs\NotAPhotograph;
use App\SignIn\TooManyTries;
use App\WorkOrders\PlanClash;
use Dinghy\File\PatchRefused;
use Dinghy\File\PlanRefused;
use Dinghy\File\QuantityRefused;
use Dinghy\File\Shape\Problem;
use Dinghy\Proposal\ProposalRefused;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** How a refusal of the core or of the store reads to a browser: a status, a sentence, and where. */
final class Refusals
{
    /** Problems that are written out; the list of them has all. */
    private const TOLD = 3;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(
            [
                PlanRefused::class, PatchRefused::class, QuantityRefused::class, PlanClash::class,
                ProposalRefused::class, NotAPhotograph::class, TooManyTries::class,
            ],
        );
        $exceptions->render(static fn (PlanRefused $e): JsonResponse => response()->json([
            'message' => 'Not kept: '.self::told($e->problems),
            'problems' => array_map(
                static fn (Problem $problem): array => ['pointer' => $problem->pointer, 'message' => $problem->message],
                $e->problems,
            ),
        ], 422));
        $exceptions->render(
            static fn (PatchRefused $e): JsonResponse => self::answer(422, 'Not kept: '.$e->getMessage()),
        );
        $exceptions->render(
            static fn (ProposalRefused $e): JsonResponse => self::answer(422, 'Not kept: '.$e->getMessage()),
        );
        $exceptions->render(
            static fn (QuantityRefused $e): JsonResponse => self::answer(422, 'Not kept: '.$e->getMessage()),
        );
        $exceptions->render(
            static fn (NotAPhotograph $e): JsonResponse => self::answer(422, 'Not kept: '.$e->getMessage()),
        );
        $exceptions->render(
            static fn (TooManyTries $e): JsonResponse => response()->json(
                ['message' => $e->getMessage()],
                429,
                ['Retry-After' => $e->seconds],
            ),
        );
        $exceptions->render(
            static fn (PlanClash $e): JsonResponse => response()->json(
                ['message' => $e->getMessage(), 'fields' => $e->fields],
                409,
            ),
        );
        $exceptions->render(static fn (ValidationException $e, Request $request): ?JsonResponse => $request->is('api/*') ? response()->json([
            'message' => implode(' ', array_slice(array_unique(array_merge(...array_values($e->errors()))), 0, self::TOLD)),
            'errors' => $e->errors(),
        ], $e->status) : null);
        $exceptions->render(static fn (ThrottleRequestsException $e): JsonResponse => response()->json(
            ['message' => 'Too many tries from here. Wait a minute, then try again.'],
            429,
            $e->getHeaders(),
        ));
        // What a policy refuses without a word of its own.
        $exceptions->render(static fn (AccessDeniedHttpException $e, Request $request): ?JsonResponse => $request->is('api/*') && $e->getMessage() === 'This action is unauthorized.'
            ? self::answer(403, 'Your sign-in may not do this: ask the owner of the shop.')
            : null);
        // What another shop has is answered like what there is not.
        $exceptions->render(static fn (HttpException $e, Request $request): ?JsonResponse => $e->getStatusCode() === 404 && $request->is('api/*') && $e->getPrevious() !== null
            ? self::answer(404, 'There is no such thing here.')
            : null);
        $exceptions->render(
            static fn (PostTooLargeException $e): JsonResponse => self::answer(
                413,
                'Not kept: the file is larger than Dinghy takes.',
            ),
        );
        $exceptions->render(static fn (QueryException $e, $request): ?JsonResponse => $request->is('api/*')
            ? self::answer(503, 'Not kept: the database does not answer. Try again in a moment.')
            : null);
    }

    /** @param  non-empty-list<Problem>  $problems */
    private static function told(array $problems): string
    {
        $sentences = array_values(array_unique(array_map(static fn (Problem $problem): string => $problem->sentence(), $problems)));
        $more = count($sentences) - self::TOLD;

        return implode(' ', array_slice($sentences, 0, self::TOLD)).($more > 0 ? " {$more} more places are wrong." : '');
    }

    private static function answer(int $status, string $message): JsonResponse
    {
        return response()->json(['message' => $message], $status);
    }
}
