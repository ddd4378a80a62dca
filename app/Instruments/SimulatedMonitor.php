<?php

declare(strict_types=1);

namespace App\Instruments;

use Dinghy\Area\Day\Fit\BankAmps;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Trip\Day;

/** A battery monitor that lives through a planned day, faster than it is: volts, amps, charge and the time since leaving, second by second. */
final readonly class SimulatedMonitor
{
    private BankAmps $amps;

    /** @param  float  $speed  s of the day to a second */
    public function __construct(private Day $day, private Bank $bank, private float $speed)
    {
        $this->amps = new BankAmps($day, $bank);
    }

    /** As a sentence, without its checksum. */
    public function says(int $second): string
    {
        $minute = min($second * $this->speed / 60, 60 * $this->day->hours - 1e-3);
        $charges = $this->day->series->chargesAt($minute);
        $amps = $this->amps->at($minute);
        $share = $amps / count($this->bank->strings);
        $volts = array_sum(array_map(fn (Battery $battery): float => $this->day->batteries[$battery->id]->openVoltsAt($charges[$battery->id])
            - $share * ($battery->resistanceUnderLoad() ?? 0.0), $this->bank->strings[0]));
        $charge = min(array_map(static fn (Battery $battery): float => $charges[$battery->id], $this->bank->batteries()));

        return sprintf('IIXDR,U,%.2f,V,BANK,I,%.1f,A,BANK,G,%.1f,,CHARGE,G,%.0f,,MINUTES', $volts, $amps, 100 * $charge, $minute);
    }
}
