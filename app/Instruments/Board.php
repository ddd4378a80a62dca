<?php

declare(strict_types=1);

namespace App\Instruments;

use Dinghy\Sentence\Heard;
use Illuminate\Contracts\Cache\Repository;

/** Where pages say what is to be listened to, and the listener what it hears. Everything on it goes stale by itself. */
final readonly class Board
{
    /** s that an address is listened to after a page last asked */
    private const WANTED = 15;

    /** s until what was heard is old: the listener has gone */
    private const FRESH = 5;

    public function __construct(private Repository $cache)
    {
    }

    public function want(Address $address): void
    {
        $this->cache->put(self::key('wanted', $address), true, self::WANTED);
    }

    public function isWanted(Address $address): bool
    {
        return $this->cache->has(self::key('wanted', $address));
    }

    /** @param  Heard|null  $heard  null: nobody answers there */
    public function tell(Address $address, ?Heard $heard): void
    {
        $this->cache->put(self::key('heard', $address), serialize(['heard' => $heard]), self::FRESH);
    }

    /** @return array{heard: Heard|null}|null null: nothing listens there yet */
    public function told(Address $address): ?array
    {
        $told = $this->cache->get(self::key('heard', $address));
        $read = is_string($told) ? unserialize($told, ['allowed_classes' => [Heard::class]]) : null;
        $heard = is_array($read) ? $read['heard'] ?? null : null;

        return is_array($read) ? ['heard' => $heard instanceof Heard ? $heard : null] : null;
    }

    private static function key(string $what, Address $address): string
    {
        return "instruments.{$what}.".sha1($address->url());
    }
}
