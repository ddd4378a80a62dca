<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Record\Record;
use Dinghy\Sonar\SonarFunction;

/** What a device has for data and sonar. */
final readonly class DataSide
{
    /**
     * @param  array<string, Socket>  $sockets  by id
     * @param  int|null  $ports  of its network; null: nobody has said
     * @param  string|null  $wakes  by-network, by-power, always
     * @param  bool  $standsAlone  it is to have no network
     * @param  bool|null  $shaftSlides  of a motor: whether its shaft slides through its mount
     * @param  float|null  $depthOffset  m, as it is set in a screen
     */
    private function __construct(
        public array $sockets,
        public ?int $ports,
        public ?string $wakes,
        public bool $standsAlone,
        public ?bool $shaftSlides,
        public ?float $depthOffset,
    ) {
    }

    /** Whether a transducer or a network cable can be plugged into it. */
    public function takesPlugs(): bool
    {
        return $this->sockets !== [] || ($this->ports ?? 0) > 0;
    }

    /** @param  Record  $device  whose data side it is */
    public static function of(Record $device): self
    {
        return new self(
            array_column(array_map(
                static fn (Record $socket): Socket => new Socket(
                    $socket->text('id'),
                    $socket->text('plug'),
                    array_map(SonarFunction::from(...), $socket->texts('shows')),
                ),
                $device->records('sockets'),
            ), null, 'id'),
            $device->has('network_ports') ? (int) $device->number('network_ports') : null,
            $device->textOrNull('wakes'),
            $device->flag('stand_alone'),
            $device->flagOrNull('shaft_slides'),
            $device->numberOrNull('depth_offset_m'),
        );
    }
}
