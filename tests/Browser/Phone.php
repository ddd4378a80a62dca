<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A client that is signed in, and hears nothing where the server dies under it. */
final class Phone
{
    private string $jar;

    private string $token = '';

    private function __construct(private readonly string $address)
    {
        $this->jar = (string) tempnam(sys_get_temp_dir(), 'dinghy-jar');
    }

    public function __destruct()
    {
        @unlink($this->jar);
    }

    public static function signedIn(string $address, string $email, string $password): self
    {
        $phone = new self($address);
        $phone->signsIn($email, $password);

        return $phone;
    }

    public function signsIn(string $email, string $password): void
    {
        $this->asks('/');
        $this->sends('/api/session', ['email' => $email, 'password' => $password]);
    }

    /** @return array<string, mixed> none where there was no answer */
    public function asks(string $path): array
    {
        return $this->answer($this->request($path), null);
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  (\Closure(): void)|null  $meanwhile  what happens while it is under way
     * @return array<string, mixed> none where there was no answer
     */
    public function sends(string $path, array $body, ?\Closure $meanwhile = null): array
    {
        $handle = $this->request($path);
        curl_setopt($handle, CURLOPT_POSTFIELDS, json_encode($body, JSON_THROW_ON_ERROR));

        return $this->answer($handle, $meanwhile);
    }

    private function request(string $path): \CurlHandle
    {
        $handle = curl_init($this->address.$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $this->jar, CURLOPT_COOKIEFILE => $this->jar, CURLOPT_TIMEOUT => 30, CURLOPT_CONNECTTIMEOUT => 5,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', "X-XSRF-TOKEN: {$this->token}"],
        ]);

        return $handle;
    }

    /**
     * @param  (\Closure(): void)|null  $meanwhile
     * @return array<string, mixed>
     */
    private function answer(\CurlHandle $handle, ?\Closure $meanwhile): array
    {
        $many = curl_multi_init();
        curl_multi_add_handle($many, $handle);
        // On its way before anything happens to the server.
        for ($turn = 0; $turn < 20; $turn++) {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.001);
        }
        $meanwhile === null || $meanwhile();
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.05);
        } while ($running > 0);
        $body = curl_multi_getcontent($handle);
        foreach (curl_getinfo($handle, CURLINFO_COOKIELIST) as $line) {
            $cookie = explode("\t", $line);
            if ($cookie[5] === 'XSRF-TOKEN') {
                $this->token = urldecode($cookie[6]);
            }
        }
        curl_multi_remove_handle($many, $handle);
        $answer = json_decode((string) $body, true);

        return is_array($answer) ? $answer : [];
    }
}
