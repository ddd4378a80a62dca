<?php

declare(strict_types=1);

namespace Dinghy\Area\Power;

use Dinghy\Area\Power\Figure\DeviceVolts;
use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\Power\Format\PowerSection;
use Dinghy\Area\Power\Rule\AlternatorOnLithium;
use Dinghy\Area\Power\Rule\BanksDriveEachOther;
use Dinghy\Area\Power\Rule\BatteryDoesNotFit;
use Dinghy\Area\Power\Rule\BelowMinimumUnderLoad;
use Dinghy\Area\Power\Rule\BreakingCapacity;
use Dinghy\Area\Power\Rule\ChargerLeadFusedAtCharger;
use Dinghy\Area\Power\Rule\ChargerOutputMismatch;
use Dinghy\Area\Power\Rule\ChargingAboveDevice;
use Dinghy\Area\Power\Rule\ChargingCurrent;
use Dinghy\Area\Power\Rule\ChargingMissing;
use Dinghy\Area\Power\Rule\ColourOfWires;
use Dinghy\Area\Power\Rule\ConductorReduction;
use Dinghy\Area\Power\Rule\CrankingAmpsShort;
use Dinghy\Area\Power\Rule\CrankingBrownOut;
use Dinghy\Area\Power\Rule\CurrentAboveAmpacity;
use Dinghy\Area\Power\Rule\DcDcFusedOnce;
use Dinghy\Area\Power\Rule\HandTightConnection;
use Dinghy\Area\Power\Rule\HotProtection;
use Dinghy\Area\Power\Rule\HullAsConductor;
use Dinghy\Area\Power\Rule\KeyedPlug;
use Dinghy\Area\Power\Rule\LeadAcidClosedIn;
use Dinghy\Area\Power\Rule\ManagementLimit;
use Dinghy\Area\Power\Rule\MixedChemistry;
use Dinghy\Area\Power\Rule\MixedVoltage;
use Dinghy\Area\Power\Rule\NoBatterySwitch;
use Dinghy\Area\Power\Rule\NoCommonNegative;
use Dinghy\Area\Power\Rule\NoProtection;
use Dinghy\Area\Power\Rule\NoSuchRating;
use Dinghy\Area\Power\Rule\NoSwitchForStandby;
use Dinghy\Area\Power\Rule\NothingFeedsIt;
use Dinghy\Area\Power\Rule\NotTheMakersFuse;
use Dinghy\Area\Power\Rule\OtherLithium;
use Dinghy\Area\Power\Rule\PathDrop;
use Dinghy\Area\Power\Rule\ProtectionAboveAmpacity;
use Dinghy\Area\Power\Rule\ProtectionBelowLoad;
use Dinghy\Area\Power\Rule\ProtectionBelowVolts;
use Dinghy\Area\Power\Rule\ProtectionFarFromSource;
use Dinghy\Area\Power\Rule\RatedBelowProtection;
use Dinghy\Area\Power\Rule\ResettingBreaker;
use Dinghy\Area\Power\Rule\SameEndParallel;
use Dinghy\Area\Power\Rule\ScreenDips;
use Dinghy\Area\Power\Rule\ShortNotCleared;
use Dinghy\Area\Power\Rule\ShuntBypassed;
use Dinghy\Area\Power\Rule\SparksInPetrolSpace;
use Dinghy\Area\Power\Rule\StandbyDrain;
use Dinghy\Area\Power\Rule\SupplyOutsideDevice;
use Dinghy\Area\Power\Rule\TapNotOnFirst;
use Dinghy\Area\Power\Rule\ThinnerThanMakersTable;
use Dinghy\Area\Power\Rule\ThinSingleConductor;
use Dinghy\Area\Power\Rule\TooManyBranches;
use Dinghy\Area\Power\Rule\TooManyTogether;
use Dinghy\Area\Power\Rule\UnequalBlocks;
use Dinghy\Area\Power\Rule\UnfusedStrings;
use Dinghy\Area\Power\Rule\UnsecuredBattery;
use Dinghy\Area\Power\Rule\WrongChargerProfile;
use Dinghy\Area\Power\Rule\WrongJumpers;
use Dinghy\Area\Power\Rule\WrongWire;
use Dinghy\Evaluation\Area;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/** What current goes through: batteries, banks, feeds, fuses, wires, devices, chargers. */
final class PowerArea extends Area
{
    public function stage(): Stage
    {
        return new Stage('power', 'Power');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->banks !== [];
    }

    public function section(): PowerSection
    {
        return new PowerSection;
    }

    public function rules(): array
    {
        return [
            new MixedChemistry,
            new MixedVoltage,
            new UnequalBlocks,
            new SupplyOutsideDevice,
            new TapNotOnFirst,
            new SameEndParallel,
            new BatteryDoesNotFit,
            new UnsecuredBattery,
            new HandTightConnection,
            new WrongChargerProfile,
            new ChargingMissing,
            new ChargerLeadFusedAtCharger,
            new LeadAcidClosedIn,
            new StandbyDrain,
            new ShuntBypassed,
            new CrankingBrownOut,
            new ChargingCurrent,
            new OtherLithium,
            new ManagementLimit,
            new TooManyTogether,
            new UnfusedStrings,
            new AlternatorOnLithium,
            new CrankingAmpsShort,
            new NoBatterySwitch,
            new WrongJumpers,
            new BanksDriveEachOther,
            new ChargerOutputMismatch,
            new NoProtection,
            new ProtectionAboveAmpacity,
            new ProtectionBelowLoad,
            new ProtectionFarFromSource,
            new BreakingCapacity,
            new ConductorReduction,
            new NoSuchRating,
            new NotTheMakersFuse,
            new ProtectionBelowVolts,
            new SparksInPetrolSpace,
            new ShortNotCleared,
            new ResettingBreaker,
            new DcDcFusedOnce,
            new TooManyBranches,
            new HotProtection,
            new RatedBelowProtection,
            new PathDrop,
            new CurrentAboveAmpacity,
            new ThinnerThanMakersTable,
            new WrongWire,
            new ThinSingleConductor,
            new ColourOfWires,
            new ChargingAboveDevice,
            new BelowMinimumUnderLoad,
            new ScreenDips,
            new NoSwitchForStandby,
            new KeyedPlug,
            new NoCommonNegative,
            new HullAsConductor,
            new NothingFeedsIt,
        ];
    }

    public function document(SolvedBoat $boat): array
    {
        return PowerDocument::of($boat);
    }

    public function reasons(Evaluation $evaluation): array
    {
        return [new PowerReasons($evaluation)];
    }

    public function headlines(SolvedBoat $boat): array
    {
        return array_values(array_filter([$this->lowestScreen($boat), $this->fullThrust($boat)]));
    }

    private function lowestScreen(SolvedBoat $boat): ?string
    {
        $screens = array_filter(
            $boat->figures(PowerFigures::class)->devices,
            static fn (DeviceVolts $volts): bool => $volts->device->kind === DeviceKind::Display && $volts->loaded !== null,
        );
        if ($screens === []) {
            return null;
        }
        $lowest = min(array_map(static fn (DeviceVolts $volts): float => $volts->loaded ?? INF, $screens));

        return 'Lowest screen '.number_format($lowest, 1).' V.';
    }

    private function fullThrust(SolvedBoat $boat): ?string
    {
        foreach ($boat->figures(PowerFigures::class)->devices as $volts) {
            if ($volts->device->kind === DeviceKind::Motor && $volts->loaded !== null) {
                return 'Motor '.number_format($volts->loaded, 1).' V at '.QuantityFormatter::trim($volts->device->peakAmps, 0).' A.';
            }
        }

        return null;
    }
}
