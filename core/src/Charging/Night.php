<?php

declare(strict_types=1);

namespace Dinghy\Charging;

use Dinghy\Battery\RestingVoltage;
use Dinghy\Circuit\ChargerElements;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Plan;

/**
 * From the evening's charge to full on the mains. A charger gives its amps until it holds its volts, and then what the batteries take;
 * a long thin lead lets it hold them sooner. Of two chargers across one battery the stronger counts: no two are run at one time.
 */
final class Night
{
    /** h of a step, and h after which nobody waits any longer */
    private const STEP = 1 / 60;

    private const LONGEST = 96.0;

    /** Ω, below which nothing is divided by it */
    private const LEAST_OHMS = 1e-4;

    /** @var array<string, BatteryNight> by id, those that are wired into a bank */
    public array $batteries = [];

    /** @var array<string, ChargerNight> by id, those on the mains that give anything */
    public array $chargers = [];

    /** h that the night has */
    public readonly float $hours;

    /** @param  array<string, float>  $evening  0–1 by battery */
    public function __construct(private readonly Plan $plan, array $evening)
    {
        $this->hours = $plan->houseRules->nightHours;
        $groups = [];
        foreach ($plan->banks as $bank) {
            foreach ($bank->batteries() as $battery) {
                [$charger, $number] = $this->strongest($battery);
                $output = $charger?->outputs[$number];
                $night = new BatteryNight($battery, $evening[$battery->id] ?? 1.0, $plan->tripCelsius, $charger, $this->refusal($battery, $output));
                $this->batteries[$battery->id] = $night;
                if ($charger !== null && $output !== null && $night->isNot === null) {
                    $this->chargers[$charger->id] ??= new ChargerNight($charger);
                    $groups["{$charger->id}/{$number}"] ??= [$this->chargers[$charger->id], $output, []];
                    $groups["{$charger->id}/{$number}"][2][] = $night;
                }
            }
        }
        foreach ($groups as [$charger, $output, $nights]) {
            $this->charge($charger, $output, $this->strings($nights));
        }
    }

    /** @return array{Charger|null, int} the mains charger that gives a battery most, and the number of its output */
    private function strongest(Battery $battery): array
    {
        [$strongest, $number, $most] = [null, 0, 0.0];
        $bank = $this->plan->bankOf($battery->id);
        foreach ($this->plan->chargers as $charger) {
            foreach ($charger->input === 'mains' ? $charger->batteryOutputs() : [] as $at => $output) {
                if ($output->amps > $most && ($output->charges($battery) || ($bank !== null && $output->chargesWhole($bank)))) {
                    [$strongest, $number, $most] = [$charger, $at, $output->amps];
                }
            }
        }

        return [$strongest, $number];
    }

    private function refusal(Battery $battery, ?ChargerOutput $output): ?NotCharged
    {
        return match (true) {
            $output === null => NotCharged::NoCharger,
            $output->heldVolts() === null || $battery->chemistry->highestChargingVolts() === null => NotCharged::Unknown,
            $output->profile?->profileSuits($battery->chemistry) !== true || $output->setAgainstSpan() !== 0 => NotCharged::WrongCharger,
            ! $battery->chemistry->takesChargeAt($this->plan->tripCelsius) => NotCharged::TooCold,
            default => null,
        };
    }

    /**
     * @param  list<BatteryNight>  $nights
     * @return list<non-empty-list<BatteryNight>> the same, in series as they stand
     */
    private function strings(array $nights): array
    {
        $strings = [];
        foreach ($nights as $night) {
            foreach ($this->plan->bankOf($night->battery->id)->strings ?? [] as $number => $string) {
                if (in_array($night->battery, $string, true)) {
                    $strings[$number][] = $night;
                }
            }
        }

        return array_values($strings);
    }

    /** @param  list<non-empty-list<BatteryNight>>  $strings  in parallel across the output */
    private function charge(ChargerNight $charger, ChargerOutput $output, array $strings): void
    {
        $lead = ChargerElements::ohmsOfLead($output, $this->plan->houseRules->conductorCelsius);
        $held = $output->heldVolts() ?? 0.0;
        for ($step = 0; $step * self::STEP < self::LONGEST; $step++) {
            $amps = $this->amps($output, $held, $lead, $strings);
            $total = array_sum($amps);
            if ($total <= 0.0) {
                break;
            }
            $until = ($step + 1) * self::STEP;
            foreach ($strings as $number => $string) {
                foreach ($string as $night) {
                    $night->take($amps[$number], self::STEP, $until, $total < $output->amps - 1e-9);
                    $night->lostInLead = max($night->lostInLead, $total * $lead);
                    $until <= $this->hours + 1e-9 && $night->morning = $night->charge;
                }
            }
            $charger->give($step, $total * min($held, $this->openVolts($strings[0]) + $amps[0] * $this->ohms($strings[0]) + $total * $lead), self::STEP);
        }
    }

    /**
     * A into each string: no more than the output gives, than the volts that it holds drive through lead and batteries, and than the
     * batteries take. What is short of it shares by what is missing.
     *
     * @param  list<non-empty-list<BatteryNight>>  $strings
     * @return list<float>
     */
    private function amps(ChargerOutput $output, float $held, float $lead, array $strings): array
    {
        $missing = $accepted = [];
        $driven = INF;
        foreach ($strings as $number => $string) {
            $count = count($string);
            $full = array_filter($string, static fn (BatteryNight $night): bool => ! $night->isFull()) === [];
            $missing[$number] = $full ? 0.0 : array_sum(array_map(static fn (BatteryNight $night): float => $night->missing(), $string)) / $count;
            // The charger sees the volts of the string, not of its blocks: it takes them for as full as they are on average.
            $accepted[$number] = $full ? 0.0 : array_sum(array_map(static fn (BatteryNight $night): float => $night->accepts(), $string)) / $count;
            $driven = min($driven, max(0.0, $held - $this->openVolts($string)) / max(self::LEAST_OHMS, $lead + $this->ohms($string) / count($strings)));
        }
        $all = array_sum($missing);
        $total = min($output->amps, array_sum($accepted), $driven);

        return array_values(array_map(static fn (float $one): float => $all > 0 ? $total * $one / $all : 0.0, $missing));
    }

    /** @param  non-empty-list<BatteryNight>  $string */
    private function openVolts(array $string): float
    {
        return array_sum(array_map(static fn (BatteryNight $night): float => RestingVoltage::at(
            $night->battery->chemistry,
            $night->charge,
            $night->battery->nominalVolts,
        ) ?? $night->battery->nominalVolts, $string));
    }

    /** @param  non-empty-list<BatteryNight>  $string */
    private function ohms(array $string): float
    {
        return array_sum(array_map(static fn (BatteryNight $night): float => $night->battery->resistanceUnderLoad() ?? 0.0, $string));
    }
}
