<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Record\IdWords;

/** A part that cannot be added or taken out as asked; the message says why and what would do. */
final class ProposalRefused extends \DomainException
{
    public static function noSuch(string $kind, string $id): self
    {
        return new self('The plan has no '.IdWords::with($kind, $id).'. It may have been taken out since.');
    }

    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
