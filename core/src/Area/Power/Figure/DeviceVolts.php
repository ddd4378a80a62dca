<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

use Dinghy\Circuit\State;
use Dinghy\Plan\Device;
use Dinghy\Source\Formula;

/** What reaches a device. Null: unknown, not fed, or the banks cannot give it. */
final readonly class DeviceVolts
{
    /**
     * @param  float|null  $pathDrop  V by the sizing arithmetic, of its worst path
     * @param  float|null  $pathDropPercent  of nominal
     * @param  float|null  $limitPercent  that W01 compares with
     * @param  float|null  $rest  V at its plug, nothing drawn
     * @param  float|null  $loaded  V
     * @param  float|null  $lowest  V
     */
    public function __construct(
        public Device $device,
        public ?float $pathDrop,
        public ?float $pathDropPercent,
        public ?float $limitPercent,
        public ?float $rest,
        public ?float $loaded,
        public ?float $lowest,
    ) {
    }

    /** @param  State  $state  that its volts are told in */
    public static function formula(State $state): Formula
    {
        $drawn = match ($state) {
            State::Rest => 'nothing drawn',
            State::Loaded => 'every device at its typical amps, motors at their peak',
            default => 'every device at its peak amps, banks at their floor of charge',
        };

        return Formula::ofPractice(
            "circuit of the whole boat solved with {$drawn}",
            "nodal analysis; wire by physics, contacts and batteries' inside are working estimates",
        );
    }
}
