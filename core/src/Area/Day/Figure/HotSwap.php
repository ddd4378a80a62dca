<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Battery\RestingVoltage;
use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Solving\SolvedBoat;

/**
 * A second pack of the same blocks, full, joined in parallel to a bank as the day leaves it: what flows between them in that moment, and
 * whether the packs, the fuse and the leads between them bear it. It falls as the volts draw together.
 */
final readonly class HotSwap
{
    /**
     * @param  float  $evening  0–1 of the emptiest block
     * @param  float  $amps  A in the moment they are joined
     * @param  float|null  $taken  A that the empty pack takes by its kind; null: only its maker knows
     * @param  float|null  $given  A that the full pack's management passes; null: it has none, or nobody has said
     * @param  float|null  $leads  A that leads of the bank's jumper gauge carry; null: no figure for so thin a wire
     * @param  float|null  $fuse  A of the string's fuse; null: there is none
     */
    private function __construct(public Bank $bank, public float $evening, public float $amps, public ?float $taken, public ?float $given, public ?float $leads, public ?float $fuse)
    {
    }

    /** @return self|null null: the day is not planned, nothing of it was used, or nobody knows its volts */
    public static function of(SolvedBoat $boat, Bank $bank): ?self
    {
        $day = $boat->figures(DayFigures::class)->day;
        $string = $bank->strings[0];
        $empty = array_sum(array_map(static fn (Battery $battery): float => $day?->batteries[$battery->id]->openVolts() ?? 0.0, $string));
        $full = $ohms = 0.0;
        foreach ($string as $battery) {
            $open = RestingVoltage::at($battery->chemistry, 1.0, $battery->nominalVolts);
            $inside = $battery->resistanceUnderLoad();
            if ($day === null || $open === null || $inside === null) {
                return null;
            }
            [$full, $ohms] = [$full + $open, $ohms + $inside];
        }
        if ($full - $empty < 1e-6) {
            return null;
        }
        $rules = $boat->plan->houseRules;
        $first = $string[0];
        $leads = 2 * $bank->jumperLength * Resistance::perMetre($bank->jumperGauge, Metal::TinnedCopper, $rules->conductorCelsius);
        $fuse = $bank->stringProtection === null ? 0.0 : $bank->stringProtection->family->contactResistance($bank->stringProtection->rating ?? 1.0);
        $rate = $first->chemistry->highestChargingRate();

        return new self(
            $bank,
            min(array_map(static fn (Battery $battery): float => $day->batteries[$battery->id]->charge ?? 1.0, $string)),
            ($full - $empty) / ($ohms + $ohms / count($bank->strings) + $leads + $fuse),
            $rate === null ? null : $rate * $bank->capacityAh(),
            $first->continuousAmps,
            Ampacity::of($bank->jumperGauge, Metal::TinnedCopper, $rules->insulation, $rules->ambient, false, 1),
            $bank->stringProtection?->rating,
        );
    }

    /** @return list<string> what does not bear it, in a few words each; none: it may be joined so */
    public function overloaded(): array
    {
        return array_keys(array_filter([
            'the empty pack, which takes less' => $this->taken !== null && $this->amps > $this->taken,
            'the full pack, whose management switches off' => $this->given !== null && $this->amps > $this->given,
            'the leads between them' => $this->leads === null || $this->amps > $this->leads,
            'the fuse' => $this->fuse !== null && $this->amps > $this->fuse,
        ]));
    }
}
