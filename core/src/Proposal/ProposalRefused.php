<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

/** A part that cannot be added or taken out as asked; the message says why and what would do. */
final class ProposalRefused extends \DomainException
{
    public static function noSuch(string $kind, string $id): self
    {
        return new self("The plan has no {$kind} \"{$id}\". It may have been removed since.");
    }

    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
