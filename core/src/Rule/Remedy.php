<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\Patch;

/**
 * A change to the plan that may put a finding right. Whether it does, and harms nothing else, is known once it was
 * tried.
 */
final readonly class Remedy
{
    /** @param  string  $says  the sentence that offers it, as "Fit 30 A." */
    public function __construct(public string $says, public Patch $patch)
    {
    }

    /** Both, one after the other. */
    public function and(self $next): self
    {
        return new self(
            str_contains($this->says, $next->says) ? $this->says : "{$this->says} {$next->says}",
            $this->patch->and($next->patch),
        );
    }
}
