<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Network\Cabling;
use Dinghy\Network\Chains;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\Plan;

/** What to order of a catalogue for plugs that do not join and ports that run out, tried on the plan. */
final class Orders
{
    /**
     * @param  array<string, \stdClass>  $adapters  as the plan file has them, by what they are called in the catalogue
     * @param  array<string, \stdClass>  $hubs  as the plan file has devices, likewise
     * @param  array<string, \stdClass>  $extensions  plug and length, likewise
     * @return list<Order>
     */
    public static function of(Plan $plan, PlanDocument $document, SonarFigures $figures, array $adapters, array $hubs, array $extensions = []): array
    {
        return array_values(array_filter(
            [...(new OrderAdapters($adapters))->for($plan, $figures), ...(new OrderHub($hubs))->for($plan, $figures), ...(new OrderExtension($extensions))->for($plan, $figures)],
            static fn (Order $order): bool => self::holds($order, $document, $figures),
        ));
    }

    /** Whether it does what it says, and no other transducer is worse off. */
    private static function holds(Order $order, PlanDocument $document, SonarFigures $figures): bool
    {
        try {
            $after = $document->with($order->patch)->plan();
        } catch (PlanRefused) {
            return false;
        }
        $network = $after->part(DataNetwork::class);
        if ($network === null) {
            return false;
        }
        [$chains, $cabling] = [Chains::of($network), new Cabling($after, $network)];
        foreach ($network->transducers as $transducer) {
            $lost = $chains->chainOf($transducer)?->lost();
            if ($order->on === "transducer:{$transducer->id}" ? $lost !== $order->lost : $lost === null && $figures->chains->chainOf($transducer) !== null) {
                return false;
            }
        }

        [$kind, $id] = explode(':', $order->on, 2);

        return $kind !== 'device' || ! $cabling->isOverfull($id);
    }
}
