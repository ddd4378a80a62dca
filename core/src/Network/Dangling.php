<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\File\Patch;
use Dinghy\Sonar\Transducer;

/** What of the data side would name parts that are taken out, and how it lets go of them. */
final readonly class Dangling
{
    /** @var array<string, true> parts that go, as "kind:id" */
    private array $going;

    /** @param  list<string>  $going */
    public function __construct(private DataNetwork $network, array $going)
    {
        $this->going = array_fill_keys($going, true);
    }

    /** @return list<Patch> */
    public function patches(): array
    {
        return [
            ...array_merge(...array_map($this->ofTransducer(...), array_values($this->network->transducers))),
            ...array_merge(...array_map(
                fn (NetworkCable $cable): array => $this->passes($cable->route) ? [Patch::change("network-cable:{$cable->id}", [], ['route'])] : [],
                array_values($this->network->cables),
            )),
            ...array_merge(...array_map($this->ofBackbone(...), array_values($this->network->backbones))),
            ...array_merge(...array_map($this->ofLine(...), array_values($this->network->serial))),
        ];
    }

    /** @return list<Patch> */
    private function ofTransducer(Transducer $transducer): array
    {
        $unset = array_keys(array_filter([
            'to' => $transducer->device !== null && $this->goes('device', $transducer->device),
            'route' => $this->passes($transducer->route),
            'via' => array_filter(
                $transducer->via ?? [],
                fn (string $link): bool => $this->goes('adapter', $link) || $this->goes('terminal-block', $link),
            ) !== [],
        ]));
        $others = $this->staying('transducer', $transducer->notWith);
        $set = count($others) < count($transducer->notWith) ? ['not_with' => $others] : [];

        return $unset === [] && $set === [] ? [] : [Patch::change("transducer:{$transducer->id}", $set, $unset)];
    }

    /** @return list<Patch> */
    private function ofBackbone(Backbone $backbone): array
    {
        $nodes = array_values(array_filter(
            $backbone->nodes,
            fn (BackboneNode $node): bool => ! $this->goes('device', $node->device),
        ));

        return count($nodes) === count($backbone->nodes) ? [] : [Patch::set("backbone:{$backbone->id}", [
            'nodes' => array_map(static fn (BackboneNode $node): \stdClass => $node->written($backbone->cable), $nodes),
        ])];
    }

    /** @return list<Patch> */
    private function ofLine(SerialLine $line): array
    {
        $listeners = $this->staying('device', $line->listeners);

        return count($listeners) === count($line->listeners) ? [] : [Patch::set("serial:{$line->id}", ['listeners' => $listeners])];
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function staying(string $kind, array $ids): array
    {
        return array_values(array_filter($ids, fn (string $id): bool => ! $this->goes($kind, $id)));
    }

    /** @param  list<string>|null  $route */
    private function passes(?array $route): bool
    {
        return count($this->staying('station', $route ?? [])) < count($route ?? []);
    }

    private function goes(string $kind, string $id): bool
    {
        return isset($this->going["{$kind}:{$id}"]);
    }
}
