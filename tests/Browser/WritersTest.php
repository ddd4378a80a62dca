<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use Database\Seeders\DatabaseSeeder;

/** Many writers at once, against the real server: every change is kept once, in one chain. */
final class WritersTest extends BrowserTestCase
{
    private const WRITERS = 12;

    public function test_edits_at_the_same_moment_make_one_chain(): void
    {
        $job = Job::query()->where('bay', 1)->firstOrFail();
        $fields = ['feed:house' => ['run.bundled', 'run.cable', 'switch'], 'feed:bow-motor' => ['run.bundled', 'run.cable', 'switch'], 'battery:b1' => ['soc', 'mass_kg'], 'battery:b2' => ['soc', 'mass_kg'], 'battery:b3' => ['soc', 'mass_kg']];
        $values = ['run.bundled' => 3, 'run.cable' => 'pair', 'switch' => false, 'soc' => 0.9, 'mass_kg' => 31];
        $jar = (string) tempnam(sys_get_temp_dir(), 'dinghy-jar');
        $token = $this->signedIn($jar);
        $many = curl_multi_init();
        $handles = [];
        foreach ($fields as $on => $paths) {
            foreach ($paths as $path) {
                $handles[] = $handle = $this->posted("/api/jobs/{$job->id}/plan/edits", ['base' => 1, 'patch' => [['on' => $on, 'set' => [$path => $values[$path]]]]], $jar, $token);
                curl_multi_add_handle($many, $handle);
            }
        }
        self::assertCount(self::WRITERS, $handles);
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.1);
        } while ($running > 0);

        foreach ($handles as $handle) {
            self::assertSame(200, curl_getinfo($handle, CURLINFO_RESPONSE_CODE), (string) curl_multi_getcontent($handle));
        }
        $versions = $job->planVersions()->get()->sortBy('number')->values();
        self::assertSame(range(1, self::WRITERS + 1), $versions->pluck('number')->all());
        foreach ($versions->skip(1) as $i => $version) {
            self::assertSame($versions[$i - 1]->id, $version->parent_id);
        }
        $plan = json_decode($versions->last()->document ?? '', true);
        self::assertSame([3, 'pair', false], [$plan['feeds'][1]['run']['bundled'], $plan['feeds'][1]['run']['cable'], $plan['feeds'][1]['switch']]);
        self::assertSame([0.9, 31], [$plan['batteries'][2]['soc'], $plan['batteries'][2]['mass_kg']]);
        unlink($jar);
    }

    private function signedIn(string $jar): string
    {
        $first = curl_init($this->server()->address().'/');
        curl_setopt_array($first, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar]);
        curl_exec($first);
        $token = self::token($first);
        unset($first);
        $signIn = $this->posted('/api/session', ['email' => 'owner@fernhollow.example', 'password' => DatabaseSeeder::PASSWORD], $jar, $token);
        curl_exec($signIn);
        self::assertSame(200, curl_getinfo($signIn, CURLINFO_RESPONSE_CODE));

        return self::token($signIn);
    }

    /** @param  array<string, mixed>  $body */
    private function posted(string $path, array $body, string $jar, string $token): \CurlHandle
    {
        $handle = curl_init($this->server()->address().$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar, CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', 'X-XSRF-TOKEN: '.$token],
        ]);

        return $handle;
    }

    private static function token(\CurlHandle $handle): string
    {
        foreach (curl_getinfo($handle, CURLINFO_COOKIELIST) as $line) {
            $cookie = explode("\t", $line);
            if ($cookie[5] === 'XSRF-TOKEN') {
                return urldecode($cookie[6]);
            }
        }
        self::fail('The server gave no token.');
    }
}
