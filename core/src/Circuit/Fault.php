<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** One thing gone wrong in a network: a joint, a wire, a fuse, a battery, or a wire landed on the wrong post. */
final readonly class Fault
{
    /**
     * @param  string  $element  name of a resistor or source
     * @param  \Closure(Resistor): ?Resistor  $resistor  what becomes of it; null: it is gone
     * @param  \Closure(Source): Source  $source
     */
    private function __construct(
        public string $element,
        private \Closure $resistor,
        private \Closure $source,
    ) {
    }

    /** @param  float  $ohms more than there should be, as a corroded joint has */
    public static function raised(string $resistor, float $ohms): self
    {
        return self::ofResistor(
            $resistor,
            static fn (Resistor $r): Resistor => new Resistor($r->name, $r->from, $r->to, $r->ohms + $ohms),
        );
    }

    /** A broken wire, an open joint, a switch that is off, a blown fuse. */
    public static function opened(string $resistor): self
    {
        return self::ofResistor($resistor, static fn (Resistor $r): ?Resistor => null);
    }

    /** The first end of a wire on another post. */
    public static function fromLandedOn(string $resistor, string $node): self
    {
        return self::ofResistor(
            $resistor,
            static fn (Resistor $r): Resistor => new Resistor($r->name, $node, $r->to, $r->ohms),
        );
    }

    /** The second end of a wire on another post. */
    public static function toLandedOn(string $resistor, string $node): self
    {
        return self::ofResistor(
            $resistor,
            static fn (Resistor $r): Resistor => new Resistor($r->name, $r->from, $node, $r->ohms),
        );
    }

    public static function reversed(string $source): self
    {
        return self::ofSource(
            $source,
            static fn (Source $s): Source => new Source($s->name, $s->plus, $s->minus, -$s->volts, $s->ohms),
        );
    }

    /**
     * A battery that is low, old or has a dead cell.
     *
     * @param  float  $volts  V less at rest
     * @param  float  $times  its internal resistance
     */
    public static function weakened(string $source, float $volts, float $times): self
    {
        return self::ofSource(
            $source,
            static fn (Source $s): Source => new Source(
                $s->name,
                $s->plus,
                $s->minus,
                $s->volts - $volts,
                $s->ohms * $times,
            ),
        );
    }

    public function of(Resistor $resistor): ?Resistor
    {
        return ($this->resistor)($resistor);
    }

    public function ofBattery(Source $source): Source
    {
        return ($this->source)($source);
    }

    /** The network with this fault in it, to be solved afresh. */
    public function in(Network $network): Network
    {
        $resistors = [];
        foreach ($network->resistors as $resistor) {
            $now = $resistor->name === $this->element ? $this->of($resistor) : $resistor;
            if ($now !== null) {
                $resistors[] = $now;
            }
        }

        return new Network(
            array_map(
                fn (Source $source): Source => $source->name === $this->element ? $this->ofBattery($source) : $source,
                $network->sources,
            ),
            $resistors,
            $network->loads,
            null,
            $network->regulators,
        );
    }

    /** @param  \Closure(Resistor): ?Resistor  $change */
    private static function ofResistor(string $name, \Closure $change): self
    {
        return new self($name, $change, static fn (Source $source): Source => $source);
    }

    /** @param  \Closure(Source): Source  $change */
    private static function ofSource(string $name, \Closure $change): self
    {
        return new self($name, static fn (Resistor $resistor): Resistor => $resistor, $change);
    }
}
