<?php

declare(strict_types=1);

namespace Dinghy\Record;

/** An id as people say it, for parts that have no name of their own: "bow-block" is the bow block. */
final class IdWords
{
    public static function of(string $id): string
    {
        return trim((string) preg_replace('/[-_.]+/', ' ', $id));
    }

    /**
     * With what it is: "house" as a bank is "house bank", "sonar-bank" is "sonar bank", and "c1" is "charger c1".
     *
     * @param  string  $noun  what it is, as "bank"
     */
    public static function with(string $noun, string $id): string
    {
        $words = self::of($id);

        return match (true) {
            stripos($words, $noun) !== false => $words,
            preg_match('/[a-z]{3}/i', $words) === 1 => "{$words} {$noun}",
            default => "{$noun} {$words}", // too short to say anything by itself
        };
    }

    /** As a sentence speaks of it: "the house bank", and "charger c1" without an article. */
    public static function the(string $noun, string $id): string
    {
        $called = self::with($noun, $id);

        return stripos($called, "{$noun} ") === 0 ? $called : "the {$called}";
    }
}
