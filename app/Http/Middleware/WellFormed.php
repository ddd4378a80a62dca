<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses what no page of Dinghy sends and no controller should have to think of: lists in the query, broken or
 * bottomless JSON, numbers that are none.
 */
final class WellFormed
{
    private const DEPTH = 32;

    /** bytes of JSON; a change of a plan is some kB */
    private const MOST_BYTES = 262_144;

    /** bytes of requests that carry a whole file in a field, where each byte may be written as several */
    private const MOST_BYTES_OF_FILES = 3_145_728;

    /** Paths whose requests carry a file in a field; and those whose body is one, which is judged where it is read. */
    private const WITH_FILES = ['api/jobs', 'api/catalogue/table'];

    private const FILES = ['api/jobs/*/plan', 'api/jobs/*/plan/comparison', 'api/jobs/*/photographs/uploads/*'];

    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            $value ??= ''; // the framework takes what is empty for nothing
            is_string($value) || abort(
                422,
                'The address is not understood: "'.self::shown((string) $name).'" is given as a list. Give it once.',
            );
            mb_check_encoding($value, 'UTF-8') && ! str_contains($value, "\0") || abort(
                422,
                'The address is not understood: "'.self::shown((string) $name).'" holds letters that are none.',
            );
        }
        if ($request->isMethodSafe()) {
            $request->setJson(new InputBag); // what is only read is asked for by its address alone
        } elseif ($request->isJson() && ! $request->is(...self::FILES) && $request->getContent() !== '') {
            self::refuseUnreadable($request);
        }

        return $next($request);
    }

    private static function refuseUnreadable(Request $request): void
    {
        $most = $request->is(...self::WITH_FILES) ? self::MOST_BYTES_OF_FILES : self::MOST_BYTES;
        strlen($request->getContent()) <= $most || abort(
            413,
            'Not kept: the request is larger than '.intdiv($most, 1024).' kB.',
        );
        try {
            $body = json_decode($request->getContent(), false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $broken) {
            abort(
                400,
                'Not kept: the request is no JSON that is nested at most '.self::DEPTH.' deep: '.lcfirst($broken->getMessage()).'.',
            );
        }
        is_array($body) || $body instanceof \stdClass || abort(400, 'Not kept: the request is no JSON object.');
        self::isFinite($body) || abort(422, 'Not kept: the request holds a number too large to be one.');
    }

    private static function isFinite(mixed $value): bool
    {
        if (is_float($value)) {
            return is_finite($value);
        }
        foreach (is_array($value) || $value instanceof \stdClass ? (array) $value : [] as $inner) {
            if (! self::isFinite($inner)) {
                return false;
            }
        }

        return true;
    }

    /** A name as it can be said back. */
    private static function shown(string $name): string
    {
        return mb_substr(mb_scrub($name, 'UTF-8'), 0, 40);
    }
}
