<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Plan\Plan;
use Dinghy\Route\Route;
use Dinghy\Sonar\MouldedCable;

/** A cable of the data side where it lies: a transducer's to what it is plugged into, or one of the network. */
final readonly class LaidCable
{
    /**
     * @param  string  $on  kind:id of the transducer or the cable
     * @param  string  $label  of it, as a sentence speaks of it
     * @param  string  $cable  the cable itself, likewise
     * @param  Route|null  $route  null: where one of its ends sits is not known, or no way leads there
     * @param  string|null  $from  station
     * @param  string|null  $to  station
     */
    private function __construct(
        public string $on,
        public string $label,
        public string $cable,
        public MouldedCable $moulded,
        public ?Route $route,
        public ?string $from,
        public ?string $to,
    ) {
    }

    /** @return list<self> of transducers that are to be plugged in, then of the network */
    public static function allOf(Plan $plan, DataNetwork $network): array
    {
        $laid = [];
        foreach ($network->transducers as $transducer) {
            $label = $transducer->label();
            $transducer->device === null || $laid[] = new self("transducer:{$transducer->id}", $label, "the cable of {$label}", $transducer->moulded,
                CableRun::ofTransducer($plan, $transducer), $transducer->station, $plan->devices[$transducer->device]->station);
        }
        foreach ($network->cables as $cable) {
            $label = $cable->label($plan);
            $laid[] = new self("network-cable:{$cable->id}", $label, $label, $cable->moulded,
                CableRun::ofCable($plan, $cable), $plan->devices[$cable->from]->station, $plan->devices[$cable->to]->station);
        }

        return $laid;
    }

    /** @return list<string> stations on its way, its ends included; none where its way is not known */
    public function stations(): array
    {
        return $this->route === null || $this->from === null ? [] : $this->route->stationsFrom($this->from);
    }
}
