<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Dinghy\Sentence\Measured;
use Dinghy\Sentence\SentenceLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A piece of a log of sentences, whole lines of it: a log of any length is sent piece after piece, and none of it is kept. */
final class SentenceLogController extends Controller
{
    /** bytes of a piece */
    private const MOST = 4_194_304;

    public function __invoke(Request $request): JsonResponse
    {
        $stream = $request->getContent(true);
        (int) $request->header('Content-Length') <= self::MOST || abort(413, 'A piece of a log has at most 4 MB. Send it in smaller pieces.');
        $log = SentenceLog::of($stream, max(0, $request->integer('after')));

        return response()->json([
            'lines' => $log->lines,
            'sentences' => $log->sentences,
            'kinds' => (object) $log->kinds,
            'refused' => $log->refused,
            'listed' => $log->listed,
            'values' => array_map(static fn (string $what, array $value): array => [
                'measured' => $what,
                'label' => Measured::from($what)->label(),
                'unit' => Measured::from($what)->unit(),
                ...$value,
            ], array_keys($log->values), array_values($log->values)),
        ]);
    }
}
