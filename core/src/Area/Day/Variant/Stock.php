<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\Battery\Chemistry;
use Dinghy\Plan\Battery;

/** Batteries and chargers that a shop can get, as its catalogue has them. */
final readonly class Stock
{
    /** @var list<\stdClass> batteries as the plan file has them, with "part"; smallest first */
    public array $batteries;

    /** @var list<\stdClass> mains chargers, {part, outputs, amps, isolated}; weakest first */
    public array $chargers;

    /**
     * @param  list<\stdClass>  $batteries
     * @param  list<\stdClass>  $chargers
     */
    public function __construct(array $batteries, array $chargers)
    {
        usort($batteries, static fn (\stdClass $a, \stdClass $b): int => [self::number($a, 'capacity_ah'), self::text($a)] <=> [self::number($b, 'capacity_ah'), self::text($b)]);
        usort($chargers, static fn (\stdClass $a, \stdClass $b): int => [self::number($a, 'amps'), self::number($a, 'outputs'), self::text($a)] <=> [self::number($b, 'amps'), self::number($b, 'outputs'), self::text($b)]);
        [$this->batteries, $this->chargers] = [$batteries, $chargers];
    }

    /** @return list<\stdClass> of the same volts as a battery and of one chemistry, smallest first; starting batteries only where one is asked for */
    public function like(Battery $battery, Chemistry $chemistry): array
    {
        return array_values(array_filter($this->batteries, static fn (\stdClass $one): bool => ($one->chemistry ?? '') === $chemistry->value
            && abs(self::number($one, 'nominal_v') - $battery->nominalVolts) < 0.5
            && (isset($one->cca_a) === ($battery->crankingAmps !== null))));
    }

    /** @return \stdClass|null the one that a battery seems to be; null: none is like it */
    public function same(Battery $battery): ?\stdClass
    {
        foreach ($this->like($battery, $battery->chemistry) as $one) {
            if (abs(self::number($one, 'capacity_ah') - $battery->capacityAh) < 0.5) {
                return $one;
            }
        }

        return null;
    }

    public static function number(\stdClass $one, string $field): float
    {
        return is_numeric($one->{$field} ?? null) ? (float) $one->{$field} : 0.0;
    }

    public static function text(\stdClass $one): string
    {
        return is_string($one->part ?? null) ? $one->part : '';
    }
}
