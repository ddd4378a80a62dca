<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Circuit\Network;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Solution;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Post;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/**
 * How what is taken from a bank's posts spreads over its jumpers, string fuses, batteries and shunt: each feed's part of a
 * wire is what one ampere drawn between the feed's posts puts through it.
 */
final class Throughput
{
    /** @var array<string, Solution> by the two posts */
    private array $perAmp = [];

    /**
     * @param  array<string, SizedRun>  $runs  by id
     * @param  array<string, Resistor>  $resistors  by name
     */
    public function __construct(
        private readonly Wiring $wiring,
        private readonly array $runs,
        private readonly Network $network,
        private readonly array $resistors,
    ) {
    }

    /**
     * A that everything taken from a bank puts through a wire or fuse of it, each counted by $amps.
     *
     * @param  \Closure(SizedRun): float  $amps  of a feed; a converter's input is counted with what it draws
     */
    public function through(Bank $bank, string $element, \Closure $amps): float
    {
        $resistor = $this->resistors[$element] ?? null;

        return $resistor === null ? 0.0 : $this->sum(
            $bank,
            $amps,
            static fn (Solution $perAmp): float => $perAmp->through($resistor),
        );
    }

    /**
     * A out of a battery, each feed counted by $amps.
     *
     * @param  \Closure(SizedRun): float  $amps
     */
    public function outOf(Bank $bank, Battery $battery, \Closure $amps): float
    {
        foreach ($this->network->sources as $source) {
            if ($source->name === $battery->id) {
                return $this->sum(
                    $bank,
                    $amps,
                    static fn (Solution $perAmp): float => ($perAmp->between($source->plus, $source->minus) ?? 0.0) / $source->ohms,
                );
            }
        }

        return 0.0;
    }

    /**
     * A that everything takes from a bank, each feed counted by $amps.
     *
     * @param  \Closure(SizedRun): float  $amps
     */
    public function taken(Bank $bank, \Closure $amps): float
    {
        return $this->sum($bank, $amps, static fn (): float => 1.0);
    }

    /** A, as taken(), with everything at its peak. */
    public function atPeak(Bank $bank): float
    {
        return $this->taken($bank, static fn (SizedRun $run): float => $run->peakAmps);
    }

    /**
     * @param  \Closure(SizedRun): float  $amps
     * @param  \Closure(Solution): float  $part
     */
    private function sum(Bank $bank, \Closure $amps, \Closure $part): float
    {
        $sum = 0.0;
        foreach ($this->wiring->plan->feedsOf($bank) as $feed) {
            $sum += abs(
                $part($this->perAmp($feed->supply->plusPost(), $feed->supply->minusEnd())),
            ) * $amps($this->runs[$feed->id]);
        }
        foreach ($this->wiring->converters as $converter) {
            if ($converter->input->bank === $bank) {
                $drawn = min($converter->output->amps, $converter->amps()) * $converter->inputPerAmp();
                $sum += abs(
                    $part($this->perAmp($converter->input->plusPost(), $converter->input->minusEnd())),
                ) * ($drawn + $converter->charger->standbyAmps);
            }
        }

        return $sum;
    }

    private function perAmp(Post $plus, Post $minus): Solution
    {
        return $this->perAmp["{$plus->name} {$minus->name}"] ??= $this->network->perAmpDrawn(
            $plus->name,
            $minus->name,
        );
    }
}
