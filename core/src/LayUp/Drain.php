<?php

declare(strict_types=1);

namespace Dinghy\LayUp;

/** Something that draws on a bank while nobody is aboard. */
final readonly class Drain
{
    /**
     * @param  string  $on  kind:id
     * @param  string  $name  as a sentence speaks of it
     * @param  float  $amps  A at its bank
     * @param  string|null  $feed  id of the feed that a switch would stop it in; null: only a battery switch would
     * @param  bool  $isMeant  whether it is to stay on: a bilge pump, an alarm
     */
    public function __construct(public string $on, public string $name, public float $amps, public ?string $feed, public bool $isMeant)
    {
    }
}
