<?php

declare(strict_types=1);

namespace Dinghy\Rule;

/** Every rule that Dinghy knows, in the order of the printed rulebook. */
final class Rulebook
{
    /** @return non-empty-list<Rule> */
    public static function rules(): array
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
            new NoProtection,
            new ProtectionAboveAmpacity,
            new ProtectionBelowLoad,
            new ProtectionFarFromSource,
            new BreakingCapacity,
            new StepDown,
            new NoSuchRating,
            new NotTheMakersFuse,
            new ProtectionBelowVolts,
            new SparksInPetrolSpace,
            new ShortNotCleared,
            new ResettingBreaker,
            new DcDcFusedOnce,
            new PathDrop,
            new CurrentAboveAmpacity,
            new ThinnerThanMakersTable,
            new WrongWire,
            new ThinSingleConductor,
            new LeadConnectorRange,
            new ConnectorRange,
            new ColourOfWires,
            new HoleAndStud,
            new CrowdedStud,
            new PlugBelowCircuit,
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
}
