<?php

declare(strict_types=1);

namespace Dinghy\Tests;

/** What a test measured beside what it checked: for people to read, in the file that bin/test names and prints at the end. */
final class Measured
{
    public static function say(string $sentence): void
    {
        file_put_contents(getenv('MEASURED') ?: 'php://stderr', $sentence."\n", FILE_APPEND);
    }
}
