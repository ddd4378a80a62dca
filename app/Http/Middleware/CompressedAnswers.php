<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\AcceptHeader;
use Symfony\Component\HttpFoundation\Response;

/** Sends text compressed to whom it suits: a boat's plan and what is found in it goes over a marina's line in a third of the time. */
final class CompressedAnswers
{
    /** bytes below which the head of an answer outweighs what is saved */
    private const LEAST = 1_024;

    private const TEXT = ['application/json', 'text/'];

    /** zlib's usual: more takes longer than it saves on the line */
    private const LEVEL = 6;

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        assert($response instanceof Response);
        $content = $response->getContent(); // none of what is streamed or sent from a file
        if (! is_string($content) || strlen($content) < self::LEAST || $response->headers->has('Content-Encoding') || ! self::isText($response)) {
            return $response;
        }
        $response->setVary('Accept-Encoding', false);
        $accepted = AcceptHeader::fromString($request->headers->get('Accept-Encoding'))->get('gzip');
        if ($accepted === null || $accepted->getQuality() <= 0) {
            return $response;
        }
        $response->setContent((string) gzencode($content, self::LEVEL));
        $response->headers->set('Content-Encoding', 'gzip');
        $response->headers->remove('Content-Length');
        if ($response->getEtag() !== null) {
            $response->setEtag($response->getEtag(), true); // of the same meaning, no longer of the same bytes
        }

        return $response;
    }

    private static function isText(Response $response): bool
    {
        $type = (string) $response->headers->get('Content-Type');
        foreach (self::TEXT as $text) {
            if (str_starts_with($type, $text)) {
                return true;
            }
        }

        return false;
    }
}
