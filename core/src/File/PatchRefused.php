<?php

declare(strict_types=1);

namespace Dinghy\File;

/** A patch that names something the plan does not have, or that is not a patch. */
final class PatchRefused extends \DomainException
{
    public static function noSuchPart(string $on): self
    {
        return new self("The plan has no part \"{$on}\". It may have been removed since.");
    }

    public static function noSuchField(string $on, string $path): self
    {
        return new self("The part \"{$on}\" has no field \"{$path}\" that can be set.");
    }

    public static function byPlace(string $on, string $path, string $kind): self
    {
        return new self("The field \"{$path}\" of \"{$on}\" counts parts by their place in a list. Name the part itself, as \"{$kind}:ID\".");
    }

    public static function malformed(string $what): self
    {
        return new self("Expected a patch: {$what}.");
    }
}
