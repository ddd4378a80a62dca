<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Proposal;

/** One phase of a day that could be any boat's: what is on by kind of device. */
final readonly class TemplatePhase
{
    /** @param  array<string, float>  $on  share 0–1 by kind of device, as the plan file has kinds; of motors the speed of the shaft */
    public function __construct(public string $name, public float $hours, public array $on, public bool $engine = false, public bool $home = false)
    {
    }
}
