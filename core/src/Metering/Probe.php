<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** Where the tip of one probe goes. */
final readonly class Probe
{
    /**
     * @param  string|null  $node  as the circuit calls it; null: no place of the circuit, as a hull
     * @param  string  $says  as a person does
     */
    public function __construct(
        public ?string $node,
        public string $says,
    ) {
    }
}
