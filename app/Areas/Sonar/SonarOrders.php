<?php

declare(strict_types=1);

namespace App\Areas\Sonar;

use App\Models\CataloguePart;
use App\Models\Shop;
use App\Names\NameKey;
use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Area\Sonar\Proposal\Order;
use Dinghy\Area\Sonar\Proposal\Orders;
use Dinghy\Area\Sonar\Rule\CableTooShort;
use Dinghy\Area\Sonar\Rule\PlugsDoNotJoin;
use Dinghy\Area\Sonar\Rule\PortsRunOut;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\DeviceKind;
use Dinghy\Rule\Finding;
use Illuminate\Support\Collection;

/** What of a shop's catalogue would make plugs join, ports suffice and cables reach. */
final class SonarOrders
{
    /** @return list<array<string, mixed>> */
    public static function of(Shop $shop, Evaluation $evaluation, PlanDocument $judged): array
    {
        // Where everything joins, the catalogue need not be read.
        $mended = static fn (Finding $finding): bool => $finding->rule->isOf(new PortsRunOut) || $finding->rule->isOf(new PlugsDoNotJoin) || $finding->rule->isOf(new CableTooShort);
        if (array_filter($evaluation->findings, $mended) === []) {
            return [];
        }
        $boat = $evaluation->boat;
        $parts = $shop->catalogue()->get()->whereIn('kind', ['adapter', 'device', 'extension'])->sortBy('name');
        $hubs = $parts->filter(static fn (CataloguePart $part): bool => ($part->figures['kind'] ?? null) === DeviceKind::NetworkHub->value);
        $orders = Orders::of(
            $boat->plan,
            $judged,
            $boat->figures(SonarFigures::class),
            self::byName($parts->where('kind', 'adapter')),
            self::byName($hubs),
            self::byName($parts->where('kind', 'extension')),
        );
        $prices = $parts->keyBy('name_key');

        return array_map(static fn (Order $order): array => [
            'on' => $order->on,
            'says' => $order->says,
            'lost' => array_column($order->lost, 'value'),
            'price' => self::price($order, $prices),
            'patch' => $order->patch->toJson(),
        ], $orders);
    }

    /**
     * @param  Collection<int, CataloguePart>  $parts
     * @return array<string, \stdClass>
     */
    private static function byName(Collection $parts): array
    {
        return $parts->mapWithKeys(static fn (CataloguePart $part): array => [$part->name => $part->asPlanned()])->all();
    }

    /**
     * @param  Collection<string, CataloguePart>  $parts  by the key of their name
     * @return float|null in the shop's money; null: of a part nobody has said
     */
    private static function price(Order $order, Collection $parts): ?float
    {
        $prices = array_map(static fn (string $name): ?float => $parts->get(NameKey::of($name))?->price(), $order->parts);

        return in_array(null, $prices, true) ? null : array_sum($prices);
    }
}
