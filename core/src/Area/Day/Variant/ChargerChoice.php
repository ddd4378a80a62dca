<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\Charging\BatteryNight;
use Dinghy\Charging\Night;
use Dinghy\Charging\NotCharged;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Charger;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddCharger;
use Dinghy\Proposal\ProposalRefused;

/** The chargers that a changed boat needs to be full by morning after the day that is wanted, of what a shop can get. */
final class ChargerChoice
{
    /** @var list<string> in sentences */
    public array $needs = [];

    /** null: nothing is to be changed */
    public ?Patch $patch = null;

    /**
     * @param  PlanDocument  $document  with everything else of the variant
     * @param  list<string>  $banks  that were changed
     * @param  array<string, float>  $evening  0–1 by battery
     */
    public function __construct(private PlanDocument $document, array $banks, private readonly array $evening, private readonly Stock $stock)
    {
        foreach ($banks as $bank) {
            $this->chargeNew($bank);
            $this->strengthen($bank);
        }
    }

    /** Blocks that nothing charges get the weakest charger that fills them. */
    private function chargeNew(string $id): void
    {
        $plan = $this->document->plan();
        $bank = $plan->banks[$id];
        $bare = array_filter($this->of($plan, $bank), static fn (BatteryNight $one): bool => $one->isNot === NotCharged::NoCharger);
        if ($bare === []) {
            return;
        }
        foreach ($this->stock->chargers as $charger) {
            $part = Stock::text($charger);
            try {
                $patch = AddCharger::to($plan, $part, (int) Stock::number($charger, 'outputs'), $this->bearable($bank, Stock::number($charger, 'amps'), false), ($charger->isolated ?? false) === true, [$id], $part);
            } catch (ProposalRefused) {
                continue;
            }
            if ($this->fills($patch, $bank)) {
                $this->take($patch, "{$part}, for the new blocks.");

                return;
            }
        }
        $this->needs[] = "No charger of the catalogue fills {$bank->label()} in the night.";
    }

    /** Where the night is too short, the weakest in the place of the one that is there. */
    private function strengthen(string $id): void
    {
        $plan = $this->document->plan();
        $bank = $plan->banks[$id];
        $late = array_values(array_filter($this->of($plan, $bank), fn (BatteryNight $one): bool => $one->isNot === null && ($one->fullAfter ?? INF) > $plan->houseRules->nightHours));
        $charger = $late[0]->charger ?? null;
        if ($charger === null) {
            return;
        }
        foreach ($this->stock->chargers as $other) {
            $patch = $this->inPlaceOf($charger, $bank, $other);
            if ($patch !== null && $this->fills($patch, $bank)) {
                $this->take($patch, Stock::text($other)." in the place of {$charger->label()}.");

                return;
            }
        }
        $this->needs[] = "No charger of the catalogue fills {$bank->label()} in the night.";
    }

    /** @return Patch|null null: it has too few outputs, or gives less */
    private function inPlaceOf(Charger $charger, Bank $bank, \stdClass $other): ?Patch
    {
        $amps = Stock::number($other, 'amps');
        $outputs = $charger->batteryOutputs();
        if (Stock::number($other, 'outputs') < count($outputs) || (count($outputs) > 1 && ($other->isolated ?? false) !== true)) {
            return null;
        }
        $set = ['part' => Stock::text($other)];
        foreach ($outputs as $number => $output) {
            if ($output->isOn($bank)) {
                if ($amps <= $output->amps) {
                    return null;
                }
                $set["outputs.{$number}.amps"] = $this->bearable($bank, $amps, $output->chargesWhole($bank));
            } elseif ($amps < $output->amps) {
                return null;
            }
        }

        return Patch::set("charger:{$charger->id}", $set);
    }

    private function bearable(Bank $bank, float $amps, bool $whole): float
    {
        $battery = $bank->batteries()[0];
        $rate = $battery->chemistry->highestChargingRate();

        return $rate === null ? $amps : min($amps, max(0.5, floor($rate * ($whole ? $bank->capacityAh() : $battery->capacityAh))));
    }

    private function fills(Patch $patch, Bank $bank): bool
    {
        $plan = $this->document->with($patch)->plan();

        return array_filter($this->of($plan, $plan->banks[$bank->id]), static fn (BatteryNight $one): bool => ! $one->isFull() && $one->isNot !== null
            || $one->isNot === null && ($one->fullAfter ?? INF) > $plan->houseRules->nightHours) === [];
    }

    /** @return list<BatteryNight> */
    private function of(Plan $plan, Bank $bank): array
    {
        $night = new Night($plan, $this->evening);

        return array_map(static fn ($battery): BatteryNight => $night->batteries[$battery->id], $bank->batteries());
    }

    private function take(Patch $patch, string $need): void
    {
        $this->document = $this->document->with($patch);
        $this->patch = $this->patch?->and($patch) ?? $patch;
        $this->needs[] = $need;
    }
}
