<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

final class UnknownGauge extends \DomainException
{
    public static function named(string $name): self
    {
        return new self("There is no gauge \"{$name}\"; a gauge reads like \"6 AWG\", \"2/0 AWG\" or \"16 mm2\".");
    }
}
