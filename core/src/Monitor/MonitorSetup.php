<?php

declare(strict_types=1);

namespace Dinghy\Monitor;

use Dinghy\Battery\Cells;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Plan\Bank;
use Dinghy\Plan\HouseRules;

/** What a battery monitor is told of the bank that it watches, as that bank is built. */
final readonly class MonitorSetup
{
    /** V of a 12 V block below the lowest charging volts, at which it is taken for charged [cp] */
    private const BELOW_ABSORPTION = 0.2;

    /** of the capacity, an hour: the charging current below which it is taken for full [cp] */
    private const TAIL_LEAD = 0.02;

    private const TAIL_LITHIUM = 0.05;

    /**
     * @param  float  $capacity  Ah: of a series bank those of one block, of strings their sum
     * @param  float|null  $charged  V, held with a small current, that mean full; null: only its maker knows
     * @param  float  $tail  A, the small current
     * @param  float|null  $peukert  null: only its maker knows
     * @param  float  $efficiency  0–1, charge kept of what goes in
     * @param  float|null  $alarm  0–1, at which it is to speak: the floor of the house rules
     * @param  float|null  $alarmVolts  V rested at that; null: volts say nothing of it
     */
    private function __construct(
        public float $capacity,
        public ?float $charged,
        public float $tail,
        public ?float $peukert,
        public float $efficiency,
        public ?float $alarm,
        public ?float $alarmVolts,
    ) {
    }

    public static function of(Bank $bank, HouseRules $rules): self
    {
        $chemistry = $bank->batteries()[0]->chemistry;
        $block = $chemistry->lowestChargingVolts();
        $blocks = array_sum(array_map(static fn ($battery): float => Cells::blocks($battery->chemistry, $battery->nominalVolts) ?? 0.0, $bank->strings[0]));
        $floor = $rules->floorOf($chemistry);
        $volts = $floor === null ? null : array_sum(array_map(static fn ($battery): float => RestingVoltage::at($chemistry, $floor, $battery->nominalVolts) ?? 0.0, $bank->strings[0]));

        return new self(
            $bank->capacityAh(),
            $block === null ? null : $blocks * ($block - self::BELOW_ABSORPTION),
            ($chemistry->isLead() ? self::TAIL_LEAD : self::TAIL_LITHIUM) * $bank->capacityAh(),
            $chemistry->peukertExponent(),
            1 / $chemistry->chargeFactor(),
            $floor,
            $volts,
        );
    }
}
