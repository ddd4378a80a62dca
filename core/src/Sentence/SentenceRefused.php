<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** A line that is no sound sentence. */
final class SentenceRefused extends \DomainException
{
    private function __construct(public readonly Refusal $refusal)
    {
        parent::__construct($refusal->label());
    }

    public static function because(Refusal $refusal): self
    {
        return new self($refusal);
    }
}
