<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Device;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Protection;
use Dinghy\Plan\Run;
use Dinghy\Protection\Demand;
use Dinghy\Route\Route;
use Dinghy\Source\Formula;

/** A feed or a branch as it lies in its plan: what it carries, how far, through what, at which volts. */
final readonly class Circuit
{
    /** A: Σ typical of everything behind it, motors at their peak; its share of it where others feed the same block */
    public float $amps;

    /** A: Σ peak of everything behind it, likewise */
    public float $peakAmps;

    /** What the load asks of its protection. */
    public Demand $demand;

    /** Conductors that lie together: as its plan says, or as they lie in its tubes, whichever are more. */
    public int $bundled;

    /**
     * @param  list<Protection>  $protection  from the source outward
     * @param  float|null  $nominalVolts  between the terminals used; null: nothing feeds it
     * @param  float|null  $length  m one way; null: unknown
     * @param  Route|null  $route  null: its length was typed, or no way leads there
     * @param  Route|null  $minusRoute  of its minus; the same where it has none of its own
     * @param  string|null  $from  the station it begins at
     * @param  string|null  $to  the station it ends at
     * @param  list<Device>  $behind  every device that draws through it
     * @param  Device|null  $device  that it leads to; null: it leads to a block
     * @param  string|null  $block  that it leads to; null: it leads to a device
     * @param  string|null  $fromBlock  that it begins at; null: it begins at a bank
     * @param  array<string, float>  $shares  by device id: of what it draws that comes through here, where others feed it or its block too; 1 if not there
     * @param  int  $together  conductors that lie together in its tubes, idle ones left out; 0: not counted
     */
    public function __construct(
        public string $id,
        public RunKind $kind,
        public LoadClass $class,
        public Run $run,
        public array $protection,
        public ?float $nominalVolts,
        public ?float $length,
        public ?Route $route,
        public ?Route $minusRoute,
        public ?string $from,
        public ?string $to,
        public array $behind,
        public string $label,
        public ?Device $device,
        public ?string $block,
        public ?string $fromBlock,
        public array $shares = [],
        public int $together = 0,
    ) {
        $typical = $peak = $motors = $continuous = 0.0;
        foreach ($behind as $drawing) {
            $share = $shares[$drawing->id] ?? 1.0;
            $typical += $share * $drawing->sizingAmps();
            $peak += $share * $drawing->peakAmps;
            $drawing->isMotor() ? $motors += $share * $drawing->peakAmps : $continuous += $share * $drawing->typicalAmps;
        }
        $this->amps = $typical;
        $this->peakAmps = $peak;
        // A main is not held to what the maker of a device asks for, though that one alone hangs behind it.
        $this->demand = new Demand($continuous, $motors, $peak, $shares === [] ? $this->device?->makersFuse : null);
        $this->bundled = max($run->bundled, $together);
    }

    /** @param  array<string, float>  $shares  by device id */
    public function lying(array $shares, int $together): self
    {
        return new self($this->id, $this->kind, $this->class, $this->run, $this->protection, $this->nominalVolts, $this->length, $this->route, $this->minusRoute,
            $this->from, $this->to, $this->behind, $this->label, $this->device, $this->block, $this->fromBlock, $shares, $together);
    }

    public function entersEngineSpace(): bool
    {
        return $this->route?->entersEngineSpace() ?? false;
    }

    /** Its name in findings and patches, as "feed:house". */
    public function on(): string
    {
        return $this->kind->value.':'.$this->id;
    }

    public static function currentFormula(): Formula
    {
        return Formula::ofPractice(
            'Σ typical amps of everything behind it; motors at their peak',
            "the devices' own figures",
        );
    }

    public function lengthFormula(): Formula
    {
        return $this->run->typedLength === null
            ? Formula::ofPractice('shortest way through its stations + slack at both ends', 'the boat as measured')
            : Formula::ofPractice('as it was typed, slack included', 'the plan');
    }
}
