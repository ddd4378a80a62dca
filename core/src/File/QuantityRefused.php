<?php

declare(strict_types=1);

namespace Dinghy\File;

/** Something typed that does not read as the quantity its field takes. */
final class QuantityRefused extends \DomainException
{
    public static function expected(string $what, string $typed): self
    {
        return new self("Expected {$what}; found \"".mb_substr($typed, 0, 40).'".');
    }
}
