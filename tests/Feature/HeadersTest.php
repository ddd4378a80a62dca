<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** What browsers are told to keep to (OWASP, HTTP Security Response Headers), on every kind of answer. */
final class HeadersTest extends TestCase
{
    public function test_every_answer_carries_them(): void
    {
        $job = $this->skiff()->id;
        $guest = [$this->get('/'), $this->getJson('/api/session')->assertUnauthorized(), $this->getJson('/api/nothing')->assertNotFound(), $this->postJson('/api/session', [])->assertUnprocessable(), $this->call('POST', '/api/session', server: ['CONTENT_LENGTH' => '99999999999', 'HTTP_ACCEPT' => 'application/json'])->assertStatus(413)];
        $this->actingAs($this->person('rigger'));
        $known = [$this->getJson("/api/jobs/{$job}"), $this->get("/api/jobs/{$job}/work-sheet"), $this->get('/api/catalogue/table'), $this->getJson('/api/jobs/999999')->assertNotFound()];
        foreach ([...$guest, ...$known] as $answer) {
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            self::assertStringContainsString("script-src 'self';", $policy);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            self::assertSame(['nosniff', 'same-origin', 'DENY'], [$answer->headers->get('X-Content-Type-Options'), $answer->headers->get('Referrer-Policy'), $answer->headers->get('X-Frame-Options')]);
            self::assertStringContainsString('geolocation=()', (string) $answer->headers->get('Permissions-Policy'));
            self::assertFalse($answer->headers->has('X-Powered-By'));
            self::assertFalse($answer->headers->has('Strict-Transport-Security'));
        }
        $page = (string) $this->get('/')->getContent();
        self::assertSame(0, preg_match('/<script(?![^>]*\bsrc=)/', $page), 'no script stands in the page itself');
        self::assertSame("default-src 'none'; sandbox", $this->get("/api/jobs/{$job}/photographs/".$this->skiff()->photographs()->value('content'))->headers->get('Content-Security-Policy'));
    }

    public function test_cookies_travel_by_tls_alone_where_there_is_tls(): void
    {
        foreach (['http' => false, 'https' => true] as $scheme => $isSecure) {
            $answer = $this->get("{$scheme}://dinghy.example/sign-in");
            self::assertNotSame([], $answer->headers->getCookies());
            foreach ($answer->headers->getCookies() as $cookie) {
                self::assertSame($isSecure, $cookie->isSecure(), $cookie->getName());
                self::assertSame('lax', $cookie->getSameSite());
            }
        }
        self::assertSame('max-age=31536000', $answer->headers->get('Strict-Transport-Security'));
    }

    public function test_the_frameworks_own_routes_are_off(): void
    {
        foreach (Route::getRoutes() as $route) {
            self::assertTrue(str_starts_with($route->uri(), 'api/') || $route->uri() === '{any?}', $route->uri());
        }
    }
}
