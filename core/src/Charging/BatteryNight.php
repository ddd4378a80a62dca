<?php

declare(strict_types=1);

namespace Dinghy\Charging;

use Dinghy\Battery\Cells;
use Dinghy\Battery\UsableShare;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;

/** One battery through a night on its charger: the current held (bulk), the volts held (absorption), then full and kept so (float). */
final class BatteryNight
{
    /** of its charge that lead is called full at: the rest comes ever slower */
    private const FULL_LEAD = 0.99;

    private const FULL = 0.9999;

    /** of its charge, over which lead's current falls */
    private const ABSORBED = 0.2;

    /** 0–1 */
    public float $charge;

    /** 0–1 when the night is over */
    public float $morning;

    /** h from plugging in; null: it is not, however long it may hang there */
    public ?float $fullAfter = null;

    /** h at the current that the charger gives, and h at the volts that it holds, until it is full */
    public float $bulk = 0.0;

    public float $absorption = 0.0;

    /** Ah that went in until it was full */
    public float $ah = 0.0;

    /** A at the most */
    public float $mostAmps = 0.0;

    /** V lost in the charger's lead at the most */
    public float $lostInLead = 0.0;

    /**
     * @param  float  $evening  0–1
     * @param  float  $celsius  °C of the battery
     * @param  Charger|null  $charger  null: none
     * @param  NotCharged|null  $isNot  null: it is charged
     */
    public function __construct(
        public readonly Battery $battery,
        public readonly float $evening,
        private readonly float $celsius,
        public readonly ?Charger $charger,
        public readonly ?NotCharged $isNot,
    ) {
        [$this->charge, $this->morning] = [$evening, $evening];
        $this->fullAfter = $this->isFull() ? 0.0 : null;
    }

    public function isFull(): bool
    {
        return $this->charge >= ($this->battery->chemistry->isLead() ? self::FULL_LEAD : self::FULL);
    }

    /** Ah that are still to go in until nothing is missing. */
    public function missing(): float
    {
        return (1 - $this->charge) * $this->returned();
    }

    /**
     * A that it takes at the volts that a charger holds: whatever there is, until lead's last fifth; then so much that what is missing
     * falls to 1/e in the time constant of its kind.
     */
    public function accepts(): float
    {
        $constant = $this->battery->chemistry->absorptionTimeConstant();

        return $constant === null || 1 - $this->charge > self::ABSORBED + 1e-9 ? ($this->isFull() ? 0.0 : INF) : $this->missing() / $constant;
    }

    /** @return float V that a charger holds once it is full */
    public function floatVolts(): float
    {
        return ($this->battery->chemistry->floatVolts() ?? 0.0) * (Cells::blocks($this->battery->chemistry, $this->battery->nominalVolts) ?? 0.0);
    }

    /**
     * @param  float  $amps  A in
     * @param  float  $hours  h
     * @param  float  $until  h from plugging in at which they are over
     */
    public function take(float $amps, float $hours, float $until, bool $isHeldBack): void
    {
        if ($this->fullAfter !== null) {
            return;
        }
        $this->mostAmps = max($this->mostAmps, $amps);
        $this->ah += $amps * $hours;
        $isHeldBack ? $this->absorption += $hours : $this->bulk += $hours;
        $this->charge = min(1.0, $this->charge + $amps * $hours / $this->returned());
        if ($this->isFull()) {
            $this->fullAfter = $until;
        }
    }

    /** @return float Ah that bring it from empty to full, with what is lost on the way */
    private function returned(): float
    {
        return $this->battery->capacityAh * UsableShare::at($this->battery->chemistry, $this->celsius) * $this->battery->chemistry->chargeFactor();
    }
}
