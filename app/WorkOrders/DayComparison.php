<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Catalogue\ToBuy;
use App\Models\CataloguePart;
use App\Models\Shop;
use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Area\Day\Figure\Endurance;
use Dinghy\Area\Day\Figure\WantedDay;
use Dinghy\Area\Day\Variant\DayVariant;
use Dinghy\Area\Day\Variant\DayVariants;
use Dinghy\Area\Day\Variant\Stock;
use Dinghy\Area\Day\Variant\Trial;
use Dinghy\Area\Power\Rule\BatteryDoesNotFit;
use Dinghy\Evaluation\Areas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Unchecked;
use Dinghy\Trip\Day;
use Illuminate\Support\Collection;

/** A day of so many hours as a boat is, and what would have to be changed for it, with parts of the shop's catalogue. */
final readonly class DayComparison
{
    /** @param  Collection<int, CataloguePart>  $catalogue */
    private function __construct(private Trial $trial, private Evaluation $now, private Collection $catalogue, private float $hours)
    {
    }

    /** @return self|null null: no day is planned that could be as long, or nothing aboard feeds anything */
    public static function of(Shop $shop, PlanDocument $document, float $hours, ?Units $units): ?self
    {
        $now = $shop->evaluate($document, $units);
        $wanted = WantedDay::of($now->boat->plan->trip ?? [], $hours);
        if ($wanted === null || $now->boat->plan->banks === []) {
            return null;
        }
        /** @var Collection<int, CataloguePart> $catalogue */
        $catalogue = $shop->catalogue()->get();

        return new self(new Trial($document, $now->boat, $wanted, self::stock($catalogue)), $now, $catalogue, $hours);
    }

    /** @return array<string, mixed> */
    public function answer(): array
    {
        $asIs = $this->trial->asIs;

        return [
            'hours' => $this->hours,
            'holds' => $asIs->holds(),
            'says' => $this->says($asIs),
            'lines' => self::lines($asIs->day, $this->now->boat->plan),
            'variants' => array_map($this->variant(...), DayVariants::of($this->trial)),
        ];
    }

    private function says(Endurance $asIs): string
    {
        [$words, $plan] = [$this->now->boat->words, $this->now->boat->plan];
        if ($asIs->holds()) {
            return "She bears {$words->hours($this->hours)} as she is.";
        }
        $first = $asIs->day->firstOut();
        [$minute, $what] = [$first->outAt ?? INF, $first === null ? '' : "{$first->device->label()} gives out"];
        foreach ($asIs->day->batteries as $battery) {
            if ($battery->toFloor !== null && $battery->toFloor < $minute) {
                [$minute, $what] = [$battery->toFloor, ucfirst($this->now->boat->called($battery->battery)).' is down to its floor'];
            }
        }

        return is_finite($minute)
            ? "Not {$words->hours($this->hours)} as she is: {$what} at {$words->clock($plan->tripStart + $minute)}, {$words->hours($minute / 60)} out."
            : "Not {$words->hours($this->hours)} as she is: too little is left for the way home.";
    }

    /** @return array<string, mixed> */
    private function variant(DayVariant $variant): array
    {
        return [
            'name' => $variant->name,
            'says' => $variant->says,
            'missing' => $variant->missing,
            'needs' => $variant->needs,
            'patch' => $variant->patch?->toJson(),
            'figures' => $this->figures($variant),
        ];
    }

    /** @return array<string, mixed>|null null: there is none of its kind */
    private function figures(DayVariant $variant): ?array
    {
        if ($variant->patch === null || $variant->boat === null) {
            return null;
        }
        $is = (new Evaluation($variant->boat, resolve(Areas::class)))->whole();
        $toBuy = ToBuy::between($this->catalogue, $this->trial->document, $this->now, $this->trial->document->with($variant->patch), $is);
        $fit = new BatteryDoesNotFit;
        $says = static fn (Finding|Unchecked $one): bool => $one->rule->isOf($fit);
        [$was, $mass] = [self::mass($this->now->boat->plan), self::mass($is->boat->plan)];
        $day = $variant->boat->figures(DayFigures::class)->day;

        return [
            'fits' => match (true) {
                array_filter($is->findings, $says) !== [] => false,
                array_filter($is->unchecked, $says) !== [] => null,
                default => true,
            },
            'mass_kg' => $was === null || $mass === null ? null : $mass - $was,
            'cost' => $toBuy->cost,
            'unpriced' => $toBuy->unpriced,
            'stops' => $is->count(Level::Stop),
            'decisions' => $is->count(Level::Warn),
            'lines' => $day === null ? null : self::lines($day, $variant->boat->plan),
        ];
    }

    /** @return float|null kg of all batteries; null: one of them is not known */
    private static function mass(Plan $plan): ?float
    {
        $masses = array_map(static fn (Battery $battery): ?float => $battery->kilograms, $plan->batteries);

        return in_array(null, $masses, true) ? null : array_sum($masses);
    }

    /** @return array<string, mixed> the emptiest battery of each bank over the day */
    private static function lines(Day $day, Plan $plan): array
    {
        $series = DayLines::of($day->series);
        $ends = static fn (string $battery): float => $day->batteries[$battery]->charge;
        $banks = [];
        foreach ($plan->banks as $bank) {
            $ids = array_map(static fn (Battery $battery): string => $battery->id, $bank->batteries());
            usort($ids, static fn (string $a, string $b): int => $ends($a) <=> $ends($b));
            $banks[] = ['id' => $bank->id, 'soc' => [...(array) ($series['soc']->{$ids[0]} ?? []), round($ends($ids[0]), 4)]];
        }

        return [
            'minutes' => [...$series['minutes'], round(60 * $day->hours, 2)],
            'banks' => $banks,
            'out_min' => $day->firstOut()?->outAt,
        ];
    }

    /** @param  Collection<int, CataloguePart>  $catalogue */
    private static function stock(Collection $catalogue): Stock
    {
        $told = static fn (CataloguePart $part): \stdClass => (object) [...get_object_vars($part->asPlanned()), 'part' => $part->name];

        return new Stock(
            array_values($catalogue->where('kind', 'battery')->map($told)->all()),
            array_values($catalogue->where('kind', 'charger')->map($told)->filter(static fn (\stdClass $one): bool => ($one->input ?? 'mains') === 'mains' && ! isset($one->volts))->all()),
        );
    }
}
