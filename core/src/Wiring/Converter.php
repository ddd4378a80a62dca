<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Supply;

/** A converter that feeds a fuse block from a bank of other volts, day and night. */
final readonly class Converter
{
    /**
     * @param  list<Device>  $behind  every device that draws through it
     * @param  float  $share  of what its block draws, where others feed it too
     */
    private function __construct(
        public Charger $charger,
        public int $number,
        public ChargerOutput $output,
        public Supply $input,
        public string $block,
        public array $behind,
        private float $share = 1.0,
    ) {
    }

    /**
     * @param  \Closure(string): list<Device>  $behind  every device that draws through a block
     * @return list<self>
     */
    public static function allOf(Plan $plan, \Closure $behind): array
    {
        $converters = [];
        foreach ($plan->chargers as $charger) {
            foreach ($charger->blockOutputs() as $number => $output) {
                $converters[] = new self($charger, $number, $output,
                    $charger->inputFrom ?? throw new \LogicException('A converter without input passed the checks.'), (string) $output->block, $behind((string) $output->block));
            }
        }

        return $converters;
    }

    public function sharing(float $share): self
    {
        return new self(
            $this->charger,
            $this->number,
            $this->output,
            $this->input,
            $this->block,
            $this->behind,
            $share,
        );
    }

    /** A: Σ typical of everything behind it, motors at their peak */
    public function amps(): float
    {
        return $this->share * array_sum(
            array_map(static fn (Device $device): float => $device->sizingAmps(), $this->behind),
        );
    }

    /** A drawn on its input for each that it gives, at nominal volts. */
    public function inputPerAmp(): float
    {
        return $this->output->nominalVolts / $this->charger->efficiency / $this->input->nominalVolts();
    }

    /** Its name in findings and patches. */
    public function on(): string
    {
        return "charger:{$this->charger->id}";
    }

    /** The node name, without its side, of its output's terminals. */
    public function node(): string
    {
        return "{$this->charger->id}/{$this->number}";
    }
}
