<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Proposal\Rearranges;
use Dinghy\Record\Record;
use Dinghy\Sonar\DepthFrom;
use Dinghy\Sonar\Transducer;

/** The data side of a boat as it is planned: transducers, what joins them to sockets, cables, backbones, serial lines. */
final readonly class DataNetwork implements Rearranges
{
    /**
     * @param  array<string, Transducer>  $transducers  by id
     * @param  array<string, Adapter>  $adapters  by id
     * @param  array<string, TerminalBlock>  $terminalBlocks  by id
     * @param  array<string, NetworkCable>  $cables  by id
     * @param  array<string, Backbone>  $backbones  by id
     * @param  array<string, SerialLine>  $serial  by id
     * @param  array<string, DataSide>  $devices  of every device, by its id
     * @param  DepthFrom|null  $depthFrom  what the owner wants to read; null: nobody has asked
     */
    private function __construct(
        public array $transducers,
        public array $adapters,
        public array $terminalBlocks,
        public array $cables,
        public array $backbones,
        public array $serial,
        public array $devices,
        public ?DepthFrom $depthFrom,
    ) {
    }

    /** @param  Record  $plan  the whole plan */
    public static function of(Record $plan): self
    {
        $network = $plan->record('network');
        $devices = $plan->records('devices');
        $wanted = $network->textOrNull('depth_from');

        return new self(
            array_column(array_map(Transducer::of(...), $network->records('transducers')), null, 'id'),
            self::byId(array_map(Adapter::of(...), $network->records('adapters'))),
            self::byId(array_map(TerminalBlock::of(...), $network->records('terminal_blocks'))),
            array_column(array_map(NetworkCable::of(...), $network->records('cables')), null, 'id'),
            array_column(array_map(Backbone::of(...), $network->records('backbones')), null, 'id'),
            array_column(array_map(SerialLine::of(...), $network->records('serial')), null, 'id'),
            array_combine(
                array_map(static fn (Record $device): string => $device->text('id'), $devices),
                array_map(DataSide::of(...), $devices),
            ),
            $wanted === null ? null : DepthFrom::from($wanted),
        );
    }

    /** @return list<Backbone> on which a device is a node */
    public function backbonesOf(string $device): array
    {
        return array_values(array_filter($this->backbones, static fn (Backbone $backbone): bool => array_filter($backbone->nodes, static fn (BackboneNode $node): bool => $node->device === $device) !== []));
    }

    /** Whether nothing of data and sonar is planned. */
    public function isEmpty(): bool
    {
        return $this->transducers === [] && $this->adapters === [] && $this->terminalBlocks === []
            && $this->cables === [] && $this->backbones === [] && $this->serial === []
            && array_filter($this->devices, static fn (DataSide $device): bool => $device->sockets !== [] || $device->ports !== null) === [];
    }

    public function without(array $going): array
    {
        return (new Dangling($this, $going))->patches();
    }

    /** The socket that a transducer is to be plugged into; null: nobody has said. */
    public function socketOf(Transducer $transducer): ?Socket
    {
        return $transducer->device === null ? null : $this->devices[$transducer->device]->sockets[$transducer->socket] ?? null;
    }

    /** @return array<string, Link> adapters and terminal blocks, by id */
    public function links(): array
    {
        return [...$this->adapters, ...$this->terminalBlocks];
    }

    /**
     * @template T of Link
     *
     * @param  list<T>  $links
     * @return array<string, T>
     */
    private static function byId(array $links): array
    {
        return array_combine(array_map(static fn (Link $link): string => $link->id(), $links), $links);
    }
}
