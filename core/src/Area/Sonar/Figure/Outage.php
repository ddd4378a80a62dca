<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

/** What screens no longer see while one thing is off. */
final readonly class Outage
{
    /**
     * @param  string  $off  kind:id of a bank, a feed, a branch, a device or a network cable
     * @param  list<string>  $dark  screens that go out
     * @param  array<string, list<string>>  $lost  transducers that a screen still lit sees no more, by the screen's id
     * @param  list<string>  $backbones  that lose their power
     */
    public function __construct(
        public string $off,
        public array $dark,
        public array $lost,
        public array $backbones,
    ) {
    }
}
