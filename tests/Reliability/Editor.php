<?php

declare(strict_types=1);

namespace Tests\Reliability;

use Illuminate\Support\Str;

/** A person at a page, as a script: sends each change under an id of its own until it is answered, and notes what was answered. */
final class Editor
{
    private const PATIENCE_S = 5;

    private const REST_US = 50_000;

    private \CurlHandle $curl;

    /** @var array<string, int> changes that were not answered at first, and how often they were sent */
    public array $unanswered = [];

    public function __construct(private readonly string $address, private readonly string $email, private readonly string $password)
    {
        $this->curl = curl_init() ?: throw new \RuntimeException('No curl.');
        curl_setopt_array($this->curl, [CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_TIMEOUT => self::PATIENCE_S, CURLOPT_CONNECTTIMEOUT => 1]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>} status and answer: kept where it is 200, refused where not
     */
    public function change(string $method, string $path, array $body): array
    {
        $id = (string) Str::uuid();
        for ($times = 1; ; $times++) {
            [$status, , $answer] = $this->ask($method, $path, json_encode($body, JSON_THROW_ON_ERROR), ["Change-Id: {$id}", 'Content-Type: application/json']);
            if ($status !== 0 && $status < 500) {
                $times > 1 && $this->unanswered[$id] = $times;
                $decoded = json_decode($answer, true);

                return [$status, [...(is_array($decoded) ? $decoded : []), 'change' => $id]];
            }
            usleep(self::REST_US);
        }
    }

    /** Sends a picture piece by piece until the server says that all of it is there. */
    public function photograph(string $job, string $of, string $bytes): void
    {
        $tus = ['Tus-Resumable: 1.0.0', 'Content-Type: application/offset+octet-stream'];
        for ($place = null, $offset = 0; $offset < strlen($bytes); usleep(self::REST_US)) {
            if ($place === null) {
                [$status, $headers] = $this->ask('POST', "/api/jobs/{$job}/photographs/uploads", '', [...$tus, 'Upload-Length: '.strlen($bytes), 'Upload-Metadata: of '.base64_encode($of)]);
                $place = $status === 201 ? $headers['location'] : null;

                continue;
            }
            [$status, $headers] = $this->ask('PATCH', $place, substr($bytes, $offset, 20_000), [...$tus, "Upload-Offset: {$offset}"]);
            if ($status !== 204) {
                [$status, $headers] = $this->ask('HEAD', $place, '', $tus);
            }
            $place = $status === 404 ? null : $place;
            $offset = in_array($status, [200, 204], true) ? (int) $headers['upload-offset'] : ($status === 404 ? 0 : $offset);
        }
    }

    /** @return array<string, mixed> the boat as it is, asked for until it is answered */
    public function boat(string $job): array
    {
        for (; ; usleep(self::REST_US)) {
            [$status, , $answer] = $this->ask('GET', "/api/jobs/{$job}", '', []);
            $boat = json_decode($answer, true);
            if ($status === 200 && is_array($boat)) {
                return $boat;
            }
        }
    }

    /**
     * @param  list<string>  $headers
     * @return array{int, array<string, string>, string} status (0: no answer), headers, body
     */
    private function ask(string $method, string $path, string $body, array $headers): array
    {
        $answer = $this->send($method, $path, $body, $headers);
        if (in_array($answer[0], [401, 419], true)) {
            // A server that was ended while it wrote a session leaves nobody signed in.
            $this->send('GET', '/sign-in', '', []);
            $this->send('POST', '/api/session', json_encode(['email' => $this->email, 'password' => $this->password], JSON_THROW_ON_ERROR), ['Content-Type: application/json']);

            return $this->send($method, $path, $body, $headers);
        }

        return $answer;
    }

    /**
     * @param  list<string>  $headers
     * @return array{int, array<string, string>, string}
     */
    private function send(string $method, string $path, string $body, array $headers): array
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->address.$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_NOBODY => $method === 'HEAD', CURLOPT_POSTFIELDS => in_array($method, ['GET', 'HEAD'], true) ? null : $body,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'X-XSRF-TOKEN: '.$this->token(), ...$headers],
        ]);
        $method === 'HEAD' || curl_setopt($this->curl, CURLOPT_NOBODY, false);
        curl_setopt($this->curl, CURLOPT_CUSTOMREQUEST, $method);
        $answer = curl_exec($this->curl);
        if (! is_string($answer)) {
            return [0, [], ''];
        }
        $size = curl_getinfo($this->curl, CURLINFO_HEADER_SIZE);
        $told = [];
        foreach (explode("\r\n", substr($answer, 0, $size)) as $line) {
            [$name, $value] = [...explode(': ', $line, 2), ''];
            $told[strtolower($name)] = $value;
        }

        return [(int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), $told, substr($answer, $size)];
    }

    private function token(): string
    {
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $line) {
            $cookie = explode("\t", $line);
            if (($cookie[5] ?? '') === 'XSRF-TOKEN') {
                return urldecode($cookie[6]);
            }
        }

        return '';
    }
}
