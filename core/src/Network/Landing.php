<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Sonar\Lead;
use Dinghy\Sonar\Signal;

/** A pin of a terminal block, and the wire that is landed on it. */
final readonly class Landing
{
    /**
     * @param  Signal  $carries  what the pin does
     * @param  string|null  $colour  of the wire; null: none is landed
     * @param  Lead|null  $lead  that wire, as its maker made it; null: none is landed, or the cable has no such wire
     * @param  int  $cut  mm from where the jacket ends
     */
    public function __construct(
        public int $pin,
        public Signal $carries,
        public ?string $colour,
        public ?Lead $lead,
        public int $cut,
    ) {
    }

    /** Whether wire and pin carry the same; null: no wire is landed. */
    public function isRight(): ?bool
    {
        return $this->colour === null ? null : $this->lead?->carries === $this->carries;
    }
}
