<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Circuit\Meter;
use Dinghy\Circuit\Network;

/** One thing that may be wrong, and the circuit as it would then be. */
final readonly class Suspect
{
    /**
     * @param  string  $kind  of mistake: of several of one kind that would show the same the first is named
     * @param  string  $says  what is wrong, as a sentence without its full stop: "Jumper 2 sits on Battery 2 −, not on Battery 2 +"
     * @param  array<string, string>  $instead  by node: the one that a probe sits on when it is thought to sit there
     */
    public function __construct(
        public string $kind,
        public string $says,
        private Network $network,
        private array $instead = [],
    ) {
    }

    /** @return float V that a meter would show; 0 where nothing joins the two points */
    public function volts(string $red, string $black): float
    {
        [$red, $black] = [$this->instead[$red] ?? $red, $this->instead[$black] ?? $black];
        $index = $this->network->topology->index;

        return isset($index[$red], $index[$black]) ? Meter::read($this->network, $this->network->atRest(), $red, $black)->volts : 0.0;
    }
}
