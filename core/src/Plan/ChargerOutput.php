<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Battery\Cells;
use Dinghy\Battery\Chemistry;
use Dinghy\Conductor\Gauge;
use Dinghy\Record\Record;

/** One output of a charger and the batteries it stands across, or of a converter and the fuse block it feeds. */
final readonly class ChargerOutput
{
    /** of what it stands across, where cells are not known */
    private const TOLERATED = 0.1;

    /** V of a converter whose plan does not say */
    private const CONVERTED = 12.0;

    /**
     * @param  list<Battery>  $across  in series; one, where it charges a block; none, where it feeds a fuse block
     * @param  float  $amps  A, the most that it gives
     * @param  Chemistry|null  $profile  null: it feeds a fuse block
     * @param  string|null  $fuseAt  battery or charger
     * @param  float  $nominalVolts  V that it is set for
     * @param  bool  $pastShunt  whether its minus lands on the battery side of the bank's shunt
     * @param  Gauge|null  $leadGauge  null: its lead is its own, no wire of the boat's
     * @param  float  $leadLength  m
     * @param  string|null  $plusHole  size of its plus ring's hole; null: bought to suit
     * @param  string|null  $minusHole  the same of its minus
     * @param  string|null  $block  id of the fuse block that it feeds; null: it charges
     * @param  list<Protection>  $protection  in its plus lead, from the battery on; from a converter on, where that is the source
     */
    private function __construct(
        public array $across,
        public float $amps,
        public ?Chemistry $profile,
        public ?string $fuseAt,
        public float $nominalVolts,
        public bool $pastShunt,
        public ?Gauge $leadGauge,
        public float $leadLength,
        public ?string $block,
        public array $protection,
        public ?string $plusHole,
        public ?string $minusHole,
    ) {
    }

    /** @param  array<string, Battery>  $batteries by id */
    public static function of(Record $record, array $batteries): self
    {
        $block = $record->textOrNull('block');
        $ids = $record->texts('across');
        $battery = $record->textOrNull('battery');
        $across = $battery === null ? [] : array_map(
            static fn (string $id): Battery => $batteries[$id],
            $ids === [] ? [$battery] : $ids,
        );
        $lead = $record->recordOrNull('lead');
        $profile = $record->textOrNull('profile');

        return new self(
            $across,
            $record->number('amps'),
            $profile === null ? null : Chemistry::from($profile),
            $record->textOrNull('fuse_at'),
            $record->numberOrNull('volts') ?? ($battery === null ? self::CONVERTED : $batteries[$battery]->nominalVolts),
            $record->text('minus_at') === 'battery',
            $lead === null ? null : Gauge::of($lead->text('gauge')),
            $lead === null ? 0.0 : $lead->number('length_m'),
            $block,
            array_map(Protection::of(...), $record->records('protection')),
            $lead?->textOrNull('plus_hole'),
            $lead?->textOrNull('minus_hole'),
        );
    }

    public function charges(Battery $battery): bool
    {
        foreach ($this->across as $other) {
            if ($other->id === $battery->id) {
                return true;
            }
        }

        return false;
    }

    /** Whether it stands across a whole string of a bank: strings in parallel are one to a charger. */
    public function chargesWhole(Bank $bank): bool
    {
        return in_array($this->across, $bank->strings, true);
    }

    /** Whether it charges anything of a bank: a whole string, or one of its blocks. */
    public function isOn(Bank $bank): bool
    {
        return $this->chargesWhole($bank) || array_filter($bank->batteries(), $this->charges(...)) !== [];
    }

    /**
     * What it is set for against what it stands across: below zero, zero or above. By cells, where they are known: a charger for
     * 12 V and a battery of 12.8 V mean the same four.
     */
    public function setAgainstSpan(): int
    {
        $set = $this->profile === null ? null : Cells::of($this->profile, $this->nominalVolts);
        $cells = array_map(
            static fn (Battery $battery): ?int => Cells::of($battery->chemistry, $battery->nominalVolts),
            $this->across,
        );
        if ($set !== null && ! in_array(null, $cells, true) && $this->profile->isLead() === ($this->across[0] ?? null)?->chemistry->isLead()) {
            return $set <=> array_sum($cells);
        }
        $spanned = Bank::nominalOf($this->across);

        return abs($this->nominalVolts - $spanned) <= self::TOLERATED * $spanned ? 0 : $this->nominalVolts <=> $spanned;
    }

    /**
     * V that it holds: what it is set for, where it feeds a block; else what its profile brings a battery of that label to.
     *
     * @return float|null null: no such battery is known
     */
    public function heldVolts(): ?float
    {
        if ($this->profile === null) {
            return $this->nominalVolts;
        }
        $blocks = Cells::blocks($this->profile, $this->nominalVolts);
        $ofBlock = $this->profile->highestChargingVolts();

        return $blocks === null || $ofBlock === null ? null : $blocks * $ofBlock;
    }
}
