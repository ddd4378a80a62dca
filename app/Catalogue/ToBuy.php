<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\CataloguePart;
use App\Names\NameKey;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Explanation;
use Dinghy\File\PlanDocument;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Source\Formula;
use Illuminate\Support\Collection;

/**
 * What a change of a plan asks to be bought: parts that it adds and the wire of runs that it adds or thickens, at the
 * catalogue's prices.
 */
final readonly class ToBuy
{
    /**
     * @param  float  $cost  of everything that has a price, in the shop's money
     * @param  list<string>  $unpriced  what has none
     * @param  list<array{name: string, value: string}>  $lines  what, and its price
     */
    private function __construct(
        public float $cost,
        public array $unpriced,
        private array $lines,
    ) {
    }

    /**
     * @param  Collection<int, CataloguePart>  $parts  of the catalogue
     * @param  Evaluation  $was  of the plan before
     * @param  Evaluation  $is  of the plan after
     */
    public static function between(
        Collection $parts,
        PlanDocument $before,
        Evaluation $was,
        PlanDocument $after,
        Evaluation $is,
    ): self {
        $catalogue = $parts->keyBy('name_key');
        $cost = 0.0;
        $unpriced = [];
        $lines = [];
        foreach (self::added($before, $after) as $part) {
            $name = is_string($part->part ?? null) ? $part->part : 'a part that is not of the catalogue';
            $price = $catalogue->get(NameKey::of($name))?->price();
            $price === null ? $unpriced[] = $name : $cost += $price;
            $lines[] = ['name' => $name, 'value' => $price === null ? 'no price' : self::money($price)];
        }
        $metre = [];
        foreach ($catalogue->where('kind', 'wire') as $wire) {
            $metre[(string) ($wire->figures['gauge'] ?? '')] ??= $wire->price();
        }
        foreach (self::wire($was, $is) as $gauge => $metres) {
            $price = isset($metre[$gauge]) ? $metres * $metre[$gauge] : null;
            $price === null ? $unpriced[] = "wire {$gauge}" : $cost += $price;
            $lines[] = [
                'name' => QuantityFormatter::trim($metres, 1)." m of {$gauge}",
                'value' => $price === null ? 'no price' : self::money($price),
            ];
        }

        return new self($cost, array_values(array_unique($unpriced)), $lines);
    }

    public function why(): Explanation
    {
        return new Explanation('To buy for it', self::money($this->cost), Formula::ofPractice(
            'Σ of the parts that it adds and of the wire of runs that it adds or thickens, both ways and with the waste of the house rules', 'prices of the catalogue',
        ), $this->lines, $this->unpriced === [] ? null : 'Without a price: '.implode(', ', $this->unpriced).'.');
    }

    private static function money(float $amount): string
    {
        return number_format($amount, 2, '.', ' ');
    }

    /** @return list<\stdClass> parts of kinds that the catalogue has: new ones, and those in the place of another */
    private static function added(PlanDocument $before, PlanDocument $after): array
    {
        $added = [];
        foreach (array_keys($after->format->catalogue()) as $kind) {
            $were = $before->partsOf($kind);
            foreach ($after->partsOf($kind) as $id => $part) {
                if (! isset($were[$id]) || (isset($part->part) && $part->part !== ($were[$id]->part ?? null))) {
                    $added[] = $part;
                }
            }
        }

        return $added;
    }

    /** @return array<string, float> m of wire, both ways and with the shop's waste, by gauge */
    private static function wire(Evaluation $was, Evaluation $is): array
    {
        $metres = [];
        foreach ($is->boat->circuits() as $run) {
            $same = $was->boat->runs[$run->id] ?? null;
            if ($run->length !== null && ($same === null || $same->gauge->name !== $run->gauge->name)) {
                $metres[$run->gauge->name] = ($metres[$run->gauge->name] ?? 0.0) + 2 * $run->length * (1 + $is->boat->plan->houseRules->waste);
            }
        }

        return $metres;
    }
}
