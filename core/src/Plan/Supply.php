<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/** The two terminals of a bank that a feed, or a converter's input, is taken from, as the plan means them. */
final readonly class Supply
{
    /** @param  bool  $pastShunt  whether its minus lands on the battery side of the bank's shunt */
    public function __construct(
        public Bank $bank,
        public Terminal $plus,
        public Terminal $minus,
        public bool $pastShunt = false,
    ) {
    }

    /** @param  array<string, Bank>  $banks by id */
    public static function of(Record $record, array $banks): self
    {
        $bank = $banks[$record->text('bank')];

        return new self(
            $bank,
            Terminal::of($record->text('plus'), $bank) ?? throw new \LogicException('A dangling terminal passed the checks.'),
            Terminal::of($record->text('minus'), $bank) ?? throw new \LogicException('A dangling terminal passed the checks.'),
            $record->flag('past_shunt'),
        );
    }

    /** The post that its plus is led to. */
    public function plusPost(): Post
    {
        return $this->plus->post($this->bank);
    }

    /** Where its minus ends: on a post, or on the bank's shunt. */
    public function minusEnd(): Post
    {
        return $this->bank->minusEnd($this->minus->post($this->bank), $this->pastShunt);
    }

    /** Whether it is taken across part of its string only. */
    public function isTap(): bool
    {
        return $this->minus->above > 0 || $this->plus->above < count($this->bank->strings[$this->plus->string]);
    }

    /** V nominal that its minus stands above the bank's negative */
    public function minusAboveNegative(): float
    {
        return $this->below($this->minus, static fn (Battery $battery): float => $battery->nominalVolts);
    }

    public function nominalVolts(): float
    {
        return $this->below($this->plus, static fn (Battery $battery): float => $battery->nominalVolts)
            - $this->below($this->minus, static fn (Battery $battery): float => $battery->nominalVolts);
    }

    /**
     * @return float|null the highest volts a charger puts between the terminals; null where a chemistry has no curve, or a label no known cells
     */
    public function highestVolts(): ?float
    {
        foreach ($this->bank->batteries() as $battery) {
            if ($battery->highestChargingVolts() === null) {
                return null;
            }
        }
        $charging = static fn (Battery $battery): float => $battery->highestChargingVolts() ?? 0.0;

        return $this->below($this->plus, $charging) - $this->below($this->minus, $charging);
    }

    /** @param  \Closure(Battery): float  $volts */
    private function below(Terminal $terminal, \Closure $volts): float
    {
        return array_sum(array_map($volts, array_slice($this->bank->strings[$terminal->string], 0, $terminal->above)));
    }
}
