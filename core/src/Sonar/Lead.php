<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** A wire of a transducer's cable, as its cut end shows it. */
final readonly class Lead
{
    public function __construct(public string $colour, public Signal $carries)
    {
    }
}
