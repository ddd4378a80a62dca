<?php

declare(strict_types=1);

namespace Dinghy\Protection;

/**
 * Kinds of fuse and breaker with the sizes they are made in, the volts they are made for and the current they can break.
 * From memory, unless a part's own sheet says more.
 */
enum FuseFamily: string
{
    case Blade = 'blade';
    case Blade58 = 'blade-58';
    case LargeBlade = 'large-blade';
    case StripSmall = 'strip-small';
    case StripSmall58 = 'strip-small-58';
    case BatteryPost = 'battery-post';
    case StripLarge = 'strip-large';
    case StripLarge80 = 'strip-large-80';
    case Cartridge = 'cartridge';
    case Breaker = 'breaker';
    case MagneticBreaker = 'breaker-80';

    /** @return non-empty-list<float> ratings in A, smallest first */
    public function sizes(): array
    {
        return match ($this) {
            self::Blade => [1.0, 2.0, 3.0, 4.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0, 35.0, 40.0],
            self::Blade58 => [3.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0],
            self::LargeBlade => [20.0, 30.0, 40.0, 50.0, 60.0, 70.0, 80.0],
            self::StripSmall => [30.0, 40.0, 50.0, 60.0, 80.0, 100.0, 125.0, 150.0, 175.0, 200.0],
            self::StripSmall58 => [30.0, 40.0, 50.0, 60.0, 80.0, 100.0, 125.0],
            self::BatteryPost => [
                30.0, 40.0, 50.0, 60.0, 75.0, 80.0, 100.0, 125.0, 150.0, 175.0, 200.0, 225.0, 250.0, 300.0,
            ],
            self::StripLarge => [
                35.0, 40.0, 50.0, 60.0, 80.0, 100.0, 125.0, 150.0, 175.0, 200.0, 225.0, 250.0, 275.0, 300.0,
            ],
            self::StripLarge80 => [60.0, 80.0, 100.0, 125.0, 150.0, 175.0, 200.0, 250.0, 300.0],
            self::Cartridge => [
                30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 90.0, 100.0, 110.0, 125.0, 150.0, 175.0, 200.0, 225.0, 250.0,
                300.0, 350.0, 400.0,
            ],
            self::Breaker => [25.0, 30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 100.0, 120.0, 135.0, 150.0],
            self::MagneticBreaker => [10.0, 15.0, 20.0, 25.0, 30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 100.0],
        };
    }

    /** V, the highest it may be used at */
    public function maxVolts(): float
    {
        return match ($this) {
            self::Blade, self::LargeBlade, self::StripSmall, self::StripLarge => 32,
            self::Blade58, self::StripSmall58, self::BatteryPost => 58,
            self::StripLarge80, self::MagneticBreaker => 80,
            self::Cartridge => 125,
            self::Breaker => 48,
        };
    }

    /** The kind for the strings of a bank: above the volts of a post fuse a strip fuse made for more. */
    public static function ofStrings(float $nominalVolts): self
    {
        return $nominalVolts > 40 ? self::StripLarge80 : self::BatteryPost;
    }

    /** The smallest size of at least so many amps, or the largest there is. */
    public function sizeFor(float $amps): float
    {
        return $this->smallestOfAtLeast($amps) ?? $this->sizes()[count($this->sizes()) - 1];
    }

    /**
     * The current that one can break at the given volts, where its own sheet says nothing: between two listed volts the
     * figure of the higher holds.
     *
     * @return float A; 0 above the volts it is made for
     */
    public function breakingCapacity(float $volts): float
    {
        foreach ($this->breakingCapacities() as [$upTo, $amps]) {
            if ($volts <= $upTo) {
                return $amps;
            }
        }

        return 0.0;
    }

    /** @return non-empty-list<array{float, float}> up to so many V, so many A */
    private function breakingCapacities(): array
    {
        return match ($this) {
            self::Blade, self::LargeBlade => [[32.0, 1000.0]],
            self::Blade58 => [[58.0, 1000.0]],
            self::StripSmall => [[32.0, 2000.0]],
            self::StripSmall58 => [[58.0, 2000.0]],
            self::BatteryPost => [[14.0, 10000.0], [32.0, 5000.0], [58.0, 2000.0]],
            self::StripLarge => [[32.0, 6000.0]],
            self::StripLarge80 => [[80.0, 2500.0]],
            self::Cartridge => [[125.0, 20000.0]],
            self::Breaker => [[16.0, 5000.0], [30.0, 3000.0], [48.0, 1500.0]],
            self::MagneticBreaker => [[80.0, 5000.0]],
        };
    }

    /**
     * Contact resistance in Ω of one of this rating: breakers 1 mΩ · 60/rating, blades 2 mΩ · 30/rating, all others
     * 0.5 mΩ · 100/rating [cp, working estimate].
     */
    public function contactResistance(float $rating): float
    {
        return match ($this) {
            self::Breaker, self::MagneticBreaker => 0.001 * 60 / $rating,
            self::Blade, self::Blade58, self::LargeBlade => 0.002 * 30 / $rating,
            default => 0.0005 * 100 / $rating,
        };
    }

    /** Whether it is pushed into a holder. */
    public function isBlade(): bool
    {
        return in_array($this, [self::Blade, self::Blade58, self::LargeBlade], true);
    }

    public function isBreaker(): bool
    {
        return $this === self::Breaker || $this === self::MagneticBreaker;
    }

    public function label(): string
    {
        return match ($this) {
            self::Blade => 'blade fuse',
            self::Blade58 => '58 V blade fuse',
            self::LargeBlade => 'large blade fuse',
            self::StripSmall => 'small strip fuse',
            self::StripSmall58 => 'small 58 V strip fuse',
            self::BatteryPost => 'battery-post fuse',
            self::StripLarge => 'large strip fuse',
            self::StripLarge80 => 'large 80 V strip fuse',
            self::Cartridge => 'cartridge fuse',
            self::Breaker => 'thermal breaker',
            self::MagneticBreaker => 'magnetic breaker',
        };
    }

    /** The smallest size of at least this many amperes, or null when the family ends below it. */
    public function smallestOfAtLeast(float $amps): ?float
    {
        foreach ($this->sizes() as $size) {
            if ($size >= $amps) {
                return $size;
            }
        }

        return null;
    }

    public function has(float $rating): bool
    {
        return in_array($rating, $this->sizes(), true);
    }

    /** The largest size of at most this many amperes, or null when the family begins above it. */
    public function largestOfAtMost(float $amps): ?float
    {
        $found = null;
        foreach ($this->sizes() as $size) {
            $found = $size <= $amps ? $size : $found;
        }

        return $found;
    }
}
