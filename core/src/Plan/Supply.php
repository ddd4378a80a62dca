<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** The two terminals of a bank that a feed is taken from, as the plan means them. */
final readonly class Supply
{
    public function __construct(
        public Bank $bank,
        public Terminal $plus,
        public Terminal $minus,
    ) {
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

    /** @return float|null the highest volts a charger puts between the terminals; null where a chemistry has no curve */
    public function highestVolts(): ?float
    {
        foreach ($this->bank->batteries() as $battery) {
            if ($battery->chemistry->highestChargingVolts() === null) {
                return null;
            }
        }
        $charging = static fn (Battery $battery): float => ($battery->chemistry->highestChargingVolts() ?? 0.0) * $battery->nominalVolts / 12;

        return $this->below($this->plus, $charging) - $this->below($this->minus, $charging);
    }

    /** @param  \Closure(Battery): float  $volts */
    private function below(Terminal $terminal, \Closure $volts): float
    {
        return array_sum(array_map($volts, array_slice($this->bank->strings[$terminal->string], 0, $terminal->above)));
    }
}
