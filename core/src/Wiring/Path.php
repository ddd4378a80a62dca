<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\SizingDrop;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\Feed;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Post;
use Dinghy\Plan\Supply;
use Dinghy\Source\Formula;

/**
 * The way the current takes from a bank or a converter to a device: a feed, or a feed and branches, or branches alone behind
 * a converter; then the device's factory lead.
 */
final readonly class Path
{
    /** @param  non-empty-list<Circuit>  $circuits from the source outward */
    public function __construct(
        public Feed|Converter $source,
        public array $circuits,
        public Device $device,
    ) {
    }

    /** What gives its current in the end: through a converter too. */
    public function supply(): Supply
    {
        return $this->source instanceof Feed ? $this->source->supply : $this->source->input;
    }

    public function bank(): Bank
    {
        return $this->supply()->bank;
    }

    /** The feed it hangs on; null: a converter stands between. */
    public function feed(): ?Feed
    {
        return $this->source instanceof Feed ? $this->source : null;
    }

    /** What feeds it, in words. */
    public function from(): string
    {
        return $this->source instanceof Feed
            ? $this->source->supply->bank->label()
            : $this->source->charger->label();
    }

    /** The class of its last branch, or of its feed where there is no branch: the drop limit goes by it. */
    public function class(): LoadClass
    {
        return $this->circuits[count($this->circuits) - 1]->class;
    }

    /** V between the terminals used */
    public function nominalVolts(): float
    {
        return $this->source instanceof Feed
            ? $this->source->supply->nominalVolts()
            : $this->source->output->nominalVolts;
    }

    /**
     * @return float|null the highest volts that its source reaches; null: a charger's curve is only its maker's to know
     */
    public function highestVolts(): ?float
    {
        return $this->source instanceof Feed
            ? $this->source->supply->highestVolts()
            : $this->source->output->heldVolts();
    }

    /** The posts, or a converter's terminals, that it begins at. */
    public function plus(): Post
    {
        return $this->source instanceof Feed ? $this->source->supply->plusPost() : Post::plus($this->source->node());
    }

    public function minus(): Post
    {
        return $this->source instanceof Feed
            ? $this->source->supply->minus->post($this->source->supply->bank)
            : Post::minus($this->source->node());
    }

    /** A at its bank for each that its device draws, at nominal volts: more or less than one through a converter. */
    public function ampsAtBank(): float
    {
        return $this->source instanceof Feed ? 1.0 : $this->source->inputPerAmp();
    }

    /**
     * Whether its device draws though switched off, with nothing in its way to stop it; what is meant to stay on does
     * not count.
     */
    public function drainsWhenOff(): bool
    {
        return $this->device->standbyAmps > 0 && ! $this->device->alwaysOn && ! $this->isSwitchedOff();
    }

    /** Whether a switch parts it from its bank when nobody is aboard. */
    public function isSwitchedOff(): bool
    {
        return $this->bank()->switch || ($this->feed()?->isSwitched() ?? false);
    }

    /**
     * What is lost on the way and back, bank post to plug: feed, branches and factory lead by the sizing arithmetic.
     *
     * @param  array<string, SizedRun>  $runs  by id
     * @param  float  $celsius  of the conductors
     * @return float|null V; null when a length on the way is unknown
     */
    public function drop(array $runs, float $celsius): ?float
    {
        $lost = $this->beside($runs, $celsius);
        foreach ($this->circuits as $circuit) {
            $drop = $runs[$circuit->id]->drop;
            if ($drop === null) {
                return null;
            }
            $lost += $drop;
        }

        return $lost;
    }

    /**
     * V lost beside feeds and branches: in the device's factory lead, and in the lead from a converter to its block.
     *
     * @param  array<string, SizedRun>  $runs  by id
     * @param  float  $celsius  of the conductors
     */
    public function beside(array $runs, float $celsius): float
    {
        return (($runs[$this->device->id] ?? null)->drop ?? 0.0) + $this->converterLeadDrop($celsius);
    }

    /** @return float V lost in the lead from a converter to its block; 0 without one */
    public function converterLeadDrop(float $celsius): float
    {
        if (! $this->source instanceof Converter || $this->source->output->leadGauge === null) {
            return 0.0;
        }

        return SizingDrop::volts(
            $this->source->output->leadGauge,
            Metal::TinnedCopper,
            $this->source->amps(),
            $this->source->output->leadLength,
            $celsius,
        );
    }

    /** @param  array<string, SizedRun>  $runs  by id */
    public function dropFormula(array $runs): Formula
    {
        $first = $runs[$this->circuits[0]->id] ?? null;
        $each = SizingDrop::formula($first->gauge ?? Gauge::of('10 AWG'));

        return new Formula("Σ of feed, branch and factory lead, each {$each->says}", $each->source, $each->mark);
    }
}
