<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Http\Events\RequestHandled;

/** What every answer tells a browser to keep to. */
final class SafeHeaders
{
    /**
     * Styles stand in attributes and sheets that the page writes as it draws; scripts are files of its own, nothing
     * else.
     */
    private const POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public static function on(RequestHandled $handled): void
    {
        $headers = $handled->response->headers;
        $headers->has('Content-Security-Policy') || $headers->set('Content-Security-Policy', self::POLICY);
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(self), geolocation=(), microphone=(), payment=(), usb=()');
        $handled->request->isSecure() && $headers->set('Strict-Transport-Security', 'max-age=31536000');
        $headers->remove('X-Powered-By');
        headers_sent() || header_remove('X-Powered-By');
    }
}
