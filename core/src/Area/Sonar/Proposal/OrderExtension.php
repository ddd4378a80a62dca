<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Network\CableRun;
use Dinghy\Plan\Plan;

/** For a transducer whose cable does not reach: its maker's extension, the shortest that does, where its maker has any. */
final readonly class OrderExtension
{
    /** @param  array<string, \stdClass>  $offered  plug and length, by what they are called in the catalogue */
    public function __construct(private array $offered)
    {
    }

    /** @return list<Order> */
    public function for(Plan $plan, SonarFigures $figures): array
    {
        $orders = [];
        foreach ($figures->network->transducers as $transducer) {
            [$there, $needed] = [$transducer->cableThere(), CableRun::needed($plan, $transducer)];
            // What reaches no socket at all is a matter of adapters first; of several extensions in line no maker wants to hear.
            $chain = $figures->chains->chainOf($transducer);
            if ($chain === null || $there === null || $needed === null || $there >= $needed - 1e-9 || $transducer->extensions !== [] || $transducer->isExtendable !== true) {
                continue;
            }
            $name = $this->shortest($transducer->plug, $needed - $there);
            $name === null || $orders[] = new Order("transducer:{$transducer->id}", $name, [$name], $chain->lost(), AddExtension::to($plan, $transducer->id, (object) ['part' => $name, ...get_object_vars($this->offered[$name])]));
        }

        return $orders;
    }

    /** @return string|null null: the catalogue has none as long with that plug */
    private function shortest(string $plug, float $lacking): ?string
    {
        $lengths = [];
        foreach ($this->offered as $name => $extension) {
            $length = $extension->length_m ?? null;
            if (($extension->plug ?? null) === $plug && is_numeric($length) && $length >= $lacking - 1e-9) {
                $lengths[$name] = (float) $length;
            }
        }
        asort($lengths);

        return array_key_first($lengths);
    }
}
