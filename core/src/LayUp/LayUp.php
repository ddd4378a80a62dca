<?php

declare(strict_types=1);

namespace Dinghy\LayUp;

use Dinghy\Battery\UsableShare;
use Dinghy\Plan\Bank;
use Dinghy\Plan\HouseRules;
use Dinghy\Wiring\Wiring;

/**
 * A bank that nobody touches, from full on: what stays on draws on it, and its batteries lose charge by themselves, half as fast
 * for each 10 °C less [cp]. Currents are below those that capacities are rated at, so that each takes its Ah and no more.
 */
final readonly class LayUp
{
    /** days that self-discharge is told for, and °C at which */
    private const MONTH = 30.0;

    private const TOLD_AT = 20.0;

    /** °C less that halve it */
    private const HALVED_BY = 10.0;

    /** at the least that anything measured tells of it: nobody's curve goes further down */
    private const COLDEST = -20.0;

    /**
     * @param  list<Drain>  $drains
     * @param  float  $days  days that she is left
     * @param  float  $celsius  °C of the batteries
     * @param  float|null  $byItself  of its charge a day; null: only its maker knows
     * @param  float|null  $floor  0–1; null: only its maker knows
     * @param  float  $usableAh  Ah that it gives at that temperature
     */
    private function __construct(
        public Bank $bank,
        public array $drains,
        public float $days,
        public float $celsius,
        public ?float $byItself,
        private ?float $floor,
        private float $usableAh,
    ) {
    }

    /**
     * @param  float  $days  days that she is left
     * @param  float  $celsius  °C of the batteries
     */
    public static function of(Wiring $wiring, HouseRules $rules, Bank $bank, float $days, float $celsius): self
    {
        $chemistry = $bank->batteries()[0]->chemistry;
        $monthly = $chemistry->selfDischarge();

        return new self(
            $bank,
            self::drains($wiring, $bank),
            $days,
            $celsius,
            $monthly === null ? null : $monthly / self::MONTH * 2 ** ((max(self::COLDEST, $celsius) - self::TOLD_AT) / self::HALVED_BY),
            $rules->floorOf($chemistry),
            $bank->capacityAh() * UsableShare::at($chemistry, $celsius),
        );
    }

    /** A that everything draws that stays on. */
    public function amps(): float
    {
        return array_sum(array_map(static fn (Drain $drain): float => $drain->amps, $this->drains));
    }

    /** The drain that takes most of what a switch could stop; null: nothing could be stopped. */
    public function worst(): ?Drain
    {
        $worst = null;
        foreach ($this->drains as $drain) {
            if (! $drain->isMeant && $drain->amps > ($worst->amps ?? 0.0)) {
                $worst = $drain;
            }
        }

        return $worst;
    }

    /** @return float|null days from full to its floor; null: only its maker knows, or it does not come to that */
    public function daysToFloor(): ?float
    {
        return $this->floor === null ? null : self::until(1 - $this->floor, $this->lost($this->amps()));
    }

    /** @return float|null days from full until nothing is left, which harms any battery; null as daysToFloor() */
    public function daysToEmpty(): ?float
    {
        return self::until(1.0, $this->lost($this->amps()));
    }

    /** @return float|null days from full to its floor with everything off that a switch could stop; null as daysToFloor() */
    public function daysToFloorSwitchedOff(): ?float
    {
        $meant = array_sum(array_map(static fn (Drain $drain): float => $drain->isMeant ? $drain->amps : 0.0, $this->drains));

        return $this->floor === null ? null : self::until(1 - $this->floor, $this->lost($meant));
    }

    /** @return float|null 0–1 that is left when she is touched again; null: only its maker knows */
    public function left(): ?float
    {
        $lost = $this->lost($this->amps());

        return $lost === null ? null : max(0.0, 1 - $lost * $this->days);
    }

    /** @return float|null of its charge a day; null: only its maker knows what it loses by itself */
    private function lost(float $amps): ?float
    {
        return $this->byItself === null ? null : $this->byItself + 24 * $amps / $this->usableAh;
    }

    private static function until(float $share, ?float $aDay): ?float
    {
        return $aDay === null || $aDay <= 0 ? null : $share / $aDay;
    }

    /** @return list<Drain> most first */
    private static function drains(Wiring $wiring, Bank $bank): array
    {
        $drains = [];
        foreach ($wiring->paths as $path) {
            if ($path->bank() === $bank && $path->device->standbyAmps > 0 && ! $path->isSwitchedOff()) {
                $drains[$path->device->on()] = new Drain(
                    $path->device->on(),
                    $path->device->label(),
                    $path->device->standbyAmps * $path->ampsAtBank(),
                    $path->feed()?->id,
                    $path->device->alwaysOn,
                );
            }
        }
        foreach ($wiring->converters as $converter) {
            if ($converter->input->bank === $bank && ! $bank->switch && $converter->charger->standbyAmps > 0) {
                $drains[$converter->on()] = new Drain($converter->on(), $converter->charger->label(), $converter->charger->standbyAmps, null, false);
            }
        }
        usort($drains, static fn (Drain $a, Drain $b): int => $b->amps <=> $a->amps);

        return $drains;
    }
}
