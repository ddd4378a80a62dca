<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\File\Patch;
use Dinghy\Sonar\SonarFunction;

/** Parts of a catalogue that put right what does not join, and the change that puts them in. It was tried before it is told. */
final readonly class Order
{
    /**
     * @param  string  $on  kind:id of what it puts right
     * @param  list<string>  $parts  what they are called in the catalogue, in the order of the chain
     * @param  list<SonarFunction>  $lost  what does not come through with them
     */
    public function __construct(
        public string $on,
        public string $says,
        public array $parts,
        public array $lost,
        public Patch $patch,
    ) {
    }
}
