<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Metering\MeterPoint;
use Dinghy\Metering\MeterPoints;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Standby;

/** Volts at every device, what every bank is and gives, and what a meter must show. */
final readonly class PowerFigures implements Figures
{
    /**
     * @param  list<DeviceVolts>  $devices
     * @param  list<BankFigures>  $banks
     * @param  list<MeterPoint>  $meterPoints
     */
    private function __construct(
        public array $devices,
        public array $banks,
        public array $meterPoints,
    ) {
    }

    public static function of(SolvedBoat $boat): self
    {
        $rest = $boat->states->in(State::Rest);

        return new self(
            array_map(
                static fn (Device $device): DeviceVolts => self::device($boat, $device),
                array_values($boat->plan->devices),
            ),
            array_map(
                static fn (Bank $bank): BankFigures => self::bank($boat, $bank),
                array_values($boat->plan->banks),
            ),
            $rest === null ? [] : MeterPoints::of($boat->wiring, $rest, $boat->words),
        );
    }

    private static function device(SolvedBoat $boat, Device $device): DeviceVolts
    {
        $path = $boat->worstPathTo($device);
        if ($path === null) {
            return new DeviceVolts($device, null, null, null, null, null, null);
        }
        $worst = $path->drop($boat->runs, $boat->plan->houseRules->conductorCelsius);
        $volts = static fn (State $state): ?float => $worst !== null && States::knows($path->bank())
            ? $boat->states->in($state)?->at($device)
            : null;

        return new DeviceVolts(
            $device,
            $worst,
            $worst === null ? null : 100 * $worst / $path->nominalVolts(),
            $boat->plan->houseRules->dropLimit($path->class()),
            $volts(State::Rest), $volts(State::Loaded), States::knowsCharge($path->bank()) ? $volts(State::Lowest) : null,
        );
    }

    private static function bank(SolvedBoat $boat, Bank $bank): BankFigures
    {
        $standby = Standby::of($boat->wiring, $boat->plan->houseRules, $bank);
        if (! States::knows($bank)) {
            return new BankFigures($bank, null, null, null, $standby);
        }
        $string = $bank->strings[0];
        $plus = $string[count($string) - 1]->plus()->name;
        $minus = $string[0]->minus()->name;
        $amps = $boat->states->in(State::Loaded)?->sourceAmps();
        $shares = [];
        foreach ($bank->batteries() as $battery) {
            if (isset($amps[$battery->id])) {
                $shares[$battery->id] = $amps[$battery->id];
            }
        }

        return new BankFigures(
            $bank,
            $boat->states->in(State::Rest)?->between($plus, $minus),
            States::knowsCharge($bank) ? $boat->states->shortBetween($plus, $minus) : null,
            count($shares) < count($bank->batteries()) ? null : $shares,
            $standby,
        );
    }
}
