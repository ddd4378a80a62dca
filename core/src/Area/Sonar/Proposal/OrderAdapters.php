<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Network\Adapter;
use Dinghy\Network\Chain;
use Dinghy\Network\Link;
use Dinghy\Network\OfferedChains;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\FreeId;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;

/** For a transducer that reaches no socket, or loses something on its way there: the adapters to buy. */
final readonly class OrderAdapters
{
    /** Above it nobody wants a chain. */
    private const MOST = 4;

    /** How ids of what is not aboard begin; no id of a plan has a colon. */
    private const TO_ORDER = 'order:';

    /** @param  array<string, \stdClass>  $offered  adapters as the plan file has them, by what they are called in the catalogue */
    public function __construct(private array $offered)
    {
    }

    /** @return list<Order> fewest adapters first, each with what is lost by it */
    public function for(Plan $plan, SonarFigures $figures): array
    {
        $orders = [];
        foreach ($figures->network->transducers as $transducer) {
            $socket = $figures->network->socketOf($transducer);
            $now = $figures->chains->chainOf($transducer);
            if ($socket === null || ($now !== null && $now->lost() === [])) {
                continue;
            }
            $aboard = [...array_values($figures->chains->free), ...($now->links ?? [])];
            foreach ((new OfferedChains($aboard, $this->links()))->between($transducer, $socket->plug) as $chain) {
                if (count($chain->links) <= self::MOST && ($now === null || count($chain->lost()) < count($now->lost()))) {
                    $orders[] = $this->order($plan, $transducer, $chain);
                }
            }
        }

        return $orders;
    }

    private function order(Plan $plan, Transducer $transducer, Chain $chain): Order
    {
        $puts = $via = $bought = [];
        foreach ($chain->links as $link) {
            $name = $this->nameOf($link);
            if ($name === null) {
                $via[] = $link->id();

                continue;
            }
            $bought[] = $name;
            $via[] = $id = FreeId::like($plan, $name);
            $puts[] = Patch::put("adapter:{$id}", (object) ['id' => $id, ...get_object_vars($this->offered[$name]), 'part' => $name]);
        }
        $lost = $chain->lost();

        return new Order(
            "transducer:{$transducer->id}",
            implode(', then ', $bought),
            $bought,
            $lost,
            array_reduce(
                $puts,
                static fn (Patch $patch, Patch $put): Patch => $put->and($patch),
                Patch::set("transducer:{$transducer->id}", ['via' => $via]),
            ),
        );
    }

    /** @return string|null what it is called in the catalogue; null: it is aboard */
    private function nameOf(Link $link): ?string
    {
        return str_starts_with($link->id(), self::TO_ORDER) ? substr($link->id(), strlen(self::TO_ORDER)) : null;
    }

    /** @return list<Adapter> */
    private function links(): array
    {
        $links = [];
        foreach ($this->offered as $name => $figures) {
            [$from, $to, $passes] = [$figures->from ?? null, $figures->to ?? null, $figures->passes ?? null];
            if (is_string($from) && is_string($to) && is_array($passes)) {
                $links[] = Adapter::offered(self::TO_ORDER.$name, $name, $from, $to, array_values(array_filter(array_map(
                    static fn (mixed $function): ?SonarFunction => is_string($function) ? SonarFunction::tryFrom($function) : null,
                    $passes,
                ))));
            }
        }

        return $links;
    }
}
