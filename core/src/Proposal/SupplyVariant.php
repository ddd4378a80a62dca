<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;

/** One school of supply for a boat: what would make it so. */
final readonly class SupplyVariant
{
    /**
     * @param  Patch|null  $patch  null: it is so already, or cannot be
     * @param  string|null  $missing  why it cannot be; null: it can, or is
     * @param  string|null  $newBank  id of the bank that it adds, which nothing charges yet
     */
    public function __construct(
        public SupplyMethod $school,
        public ?Patch $patch,
        public ?string $missing,
        public ?string $newBank = null,
    ) {
    }

    public function isNow(): bool
    {
        return $this->patch === null && $this->missing === null;
    }
}
