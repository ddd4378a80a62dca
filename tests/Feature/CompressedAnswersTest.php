<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** Content coding as RFC 9110, 8.4 and 12.5.3 have it. */
final class CompressedAnswersTest extends TestCase
{
    public function test_an_answer_is_the_same_compressed_and_smaller(): void
    {
        $uri = "/api/jobs/{$this->skiff()->id}";
        $this->actingAs($this->person('rigger'));
        $plain = $this->getJson($uri);
        $packed = $this->getJson($uri, ['Accept-Encoding' => 'br, gzip;q=0.8']);

        self::assertNull($plain->headers->get('Content-Encoding'));
        self::assertSame('gzip', $packed->headers->get('Content-Encoding'));
        self::assertSame($plain->getContent(), gzdecode((string) $packed->getContent()));
        self::assertLessThan(strlen((string) $plain->getContent()) / 3, strlen((string) $packed->getContent()));
        // Which of the two came hangs on what was accepted: whoever keeps answers must know.
        self::assertContains('Accept-Encoding', $plain->baseResponse->getVary());
        self::assertContains('Accept-Encoding', $packed->baseResponse->getVary());
    }

    public function test_what_has_not_changed_is_known_by_the_tag_of_either(): void
    {
        $uri = "/api/jobs/{$this->skiff()->id}";
        $this->actingAs($this->person('rigger'));
        $packed = (string) $this->getJson($uri, ['Accept-Encoding' => 'gzip'])->headers->get('ETag');
        $plain = (string) $this->getJson($uri, ['Accept-Encoding' => 'identity'])->headers->get('ETag');

        self::assertNotSame($plain, $packed, 'other bytes, another tag');
        foreach ([$packed, $plain] as $tag) {
            $this->getJson($uri, ['If-None-Match' => $tag, 'Accept-Encoding' => 'gzip'])->assertStatus(304);
        }
    }

    public function test_what_is_refused_or_small_or_no_text_comes_as_it_is(): void
    {
        $job = $this->skiff();
        $this->actingAs($this->person('rigger'));
        $photograph = $job->photographs()->value('content');
        foreach (["/api/jobs/{$job->id}" => 'gzip;q=0', '/api/session' => 'gzip', "/api/jobs/{$job->id}/photographs/{$photograph}" => 'gzip', "/api/jobs/{$job->id}/work-sheet" => 'gzip'] as $uri => $accepted) {
            self::assertNull($this->get($uri, ['Accept-Encoding' => $accepted])->assertOk()->headers->get('Content-Encoding'), $uri);
        }
    }

    public function test_the_page_of_a_stage_names_its_script_with_the_first_answer(): void
    {
        $manifest = json_decode((string) file_get_contents(public_path('build/manifest.json')), true);
        assert(is_array($manifest));
        $power = $manifest['resources/js/power/PowerStage.tsx']['file'];

        $page = (string) $this->get('/jobs/1/power?pane=order')->getContent();
        self::assertStringContainsString($power, $page);
        // And what that stands on, however deep: each of them with the first answer.
        foreach ($manifest['resources/js/power/PowerStage.tsx']['imports'] as $import) {
            foreach ([$import, ...($manifest[$import]['imports'] ?? [])] as $deeper) {
                self::assertStringContainsString($manifest[$deeper]['file'], $page);
            }
        }
        foreach (['/', '/jobs/1/layout', '/jobs/1/no-such', '/jobs/1/..%2Fpower'] as $other) {
            self::assertStringNotContainsString($power, (string) $this->get($other)->assertOk()->getContent(), $other);
        }
    }
}
