<?php

declare(strict_types=1);

namespace Dinghy\Battery;

/** What a battery is made of. Figures are for a 12 V block; Cells says how many of those a battery is. */
enum Chemistry: string
{
    case Flooded = 'flooded';
    case Agm = 'agm';
    case Gel = 'gel';
    case LiFePO4 = 'lifepo4';
    case OtherLithium = 'other-lithium';

    public function isLead(): bool
    {
        return match ($this) {
            self::Flooded, self::Agm, self::Gel => true,
            self::LiFePO4, self::OtherLithium => false,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Flooded => 'flooded lead',
            self::Agm => 'AGM',
            self::Gel => 'gel',
            self::LiFePO4 => 'LiFePO4',
            self::OtherLithium => 'other lithium',
        };
    }

    /**
     * The highest volts a charger puts on a 12 V block of this chemistry; null: only its maker knows.
     * From memory, published by many makers.
     */
    public function highestChargingVolts(): ?float
    {
        return match ($this) {
            self::Flooded => 14.8,
            self::Agm => 14.7,
            self::Gel => 14.4,
            self::LiFePO4 => 14.6,
            self::OtherLithium => null,
        };
    }

    /**
     * The lowest volts that a charger for this chemistry brings a 12 V block to; from memory, published by many makers.
     */
    public function lowestChargingVolts(): ?float
    {
        return match ($this) {
            self::Flooded, self::Agm => 14.4,
            self::Gel => 14.1,
            self::LiFePO4 => 14.2,
            self::OtherLithium => null,
        };
    }

    /**
     * Whether a charger set for this chemistry suits a battery of another: the same family, and no volts that it does
     * not bear.
     */
    public function profileSuits(self $battery): ?bool
    {
        if ($battery === self::OtherLithium) {
            return null; // only its maker knows
        }

        return $this->isLead() === $battery->isLead()
            && $this->highestChargingVolts() <= $battery->highestChargingVolts()
            && $this->highestChargingVolts() >= $battery->lowestChargingVolts();
    }

    /** Peukert's exponent; from memory, published by many makers. */
    public function peukertExponent(): ?float
    {
        return match ($this) {
            self::Flooded => 1.25,
            self::Agm => 1.12,
            self::Gel => 1.15,
            self::LiFePO4 => 1.04,
            self::OtherLithium => null,
        };
    }

    /** The highest sensible charging current as a share of the capacity, 1/h [cp]; null: only its maker knows. */
    public function highestChargingRate(): ?float
    {
        return match ($this) {
            self::Flooded => 0.2,
            self::Agm => 0.3,
            self::LiFePO4 => 0.5,
            self::Gel, self::OtherLithium => null,
        };
    }

    /** Whether it takes charge at all in the cold: LiFePO4 and its like take none below 0 °C [mem]. */
    public function takesChargeAt(float $celsius): bool
    {
        return $this->isLead() || $celsius >= 0.0;
    }

    /** Charge that must be returned for what was taken [cp]: lead 1.15 to 1.20 is seen, by age. */
    public function chargeFactor(): float
    {
        return $this->isLead() ? 1.15 : 1.03;
    }

    /**
     * Internal resistance of a 12 V 100 Ah block when its maker gives none, Ω: under load, and into a short
     * [cp, working estimate]; null: no estimate.
     *
     * @return array{sag: float, short: float}|null
     */
    public function typicalResistance(): ?array
    {
        return match ($this) {
            self::Flooded => ['sag' => 0.006, 'short' => 0.005],
            self::Agm => ['sag' => 0.004, 'short' => 0.0035],
            self::Gel => ['sag' => 0.005, 'short' => 0.0045],
            // with its management switch
            self::LiFePO4 => ['sag' => 0.007, 'short' => 0.003],
            self::OtherLithium => null,
        };
    }

    /**
     * h in which the charging current falls to 1/e once the charger holds its absorption volts, which it does over the last fifth of
     * lead's charge [cp, working estimate]; gel is taken as flooded. Null: it takes what it is given until it is full.
     */
    public function absorptionTimeConstant(): ?float
    {
        return match ($this) {
            self::Flooded, self::Gel => 1.2,
            self::Agm => 0.9,
            self::LiFePO4, self::OtherLithium => null,
        };
    }

    /** V that a charger holds a full 12 V block at; from memory, published by many makers; null: only its maker knows. */
    public function floatVolts(): ?float
    {
        return match ($this) {
            self::Flooded => 13.4,
            self::Agm => 13.6,
            self::Gel, self::LiFePO4 => 13.5,
            self::OtherLithium => null,
        };
    }

    /** Share of its capacity that it loses by itself in 30 days at 20 °C [cp], LiFePO4 with its management; null: only its maker knows. */
    public function selfDischarge(): ?float
    {
        return match ($this) {
            self::Flooded => 0.05,
            self::Agm, self::Gel => 0.02,
            self::LiFePO4 => 0.03,
            self::OtherLithium => null,
        };
    }
}
