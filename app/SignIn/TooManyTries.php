<?php

declare(strict_types=1);

namespace App\SignIn;

/** Too many sign-ins have failed for this account, or from this place. */
final class TooManyTries extends \DomainException
{
    /** @param  int  $seconds  until the next one is heard */
    public function __construct(public readonly int $seconds)
    {
        parent::__construct("Too many sign-ins have failed. Wait {$seconds} seconds, then try again.");
    }
}
