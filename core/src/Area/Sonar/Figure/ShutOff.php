<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

use Dinghy\Network\DataSide;
use Dinghy\Solving\SolvedBoat;

/** Where everything that screens and sonar stand on is shut off: one place, or the fewest that are found. */
final readonly class ShutOff
{
    /**
     * @param  list<string>  $places  kind:id of banks and feeds that have a switch
     * @param  list<string>  $leaves  devices and backbones that no switch shuts off
     */
    private function __construct(public array $places, public array $leaves)
    {
    }

    public static function of(SolvedBoat $boat, SonarFigures $figures): self
    {
        $open = array_map(strval(...), [
            ...array_keys(array_filter($figures->network->devices, static fn (DataSide $device): bool => $device->takesPlugs())),
            ...array_keys($figures->network->backbones),
        ]);
        // What nothing feeds needs no switch.
        $open = array_values(array_filter($open, static fn (string $id): bool => $boat->wiring->pathsTo($boat->plan->consumers[$id]) !== []));
        $switches = self::switches($boat);
        $places = [];
        while ($open !== []) {
            $best = null;
            foreach ($switches as $place => $out) {
                $covers = count(array_intersect($open, $out));
                if ($covers > 0 && ($best === null || $covers > count(array_intersect($open, $switches[$best])))) {
                    $best = $place;
                }
            }
            if ($best === null) {
                break;
            }
            $places[] = $best;
            $open = array_values(array_diff($open, $switches[$best]));
        }

        return new self($places, $open);
    }

    /** @return array<string, list<string>> what each switch puts out, by where it is */
    private static function switches(SolvedBoat $boat): array
    {
        $switches = [];
        foreach ($boat->plan->banks as $bank) {
            $bank->switch && $switches["bank:{$bank->id}"] = Supplied::outWithoutBank($boat, $bank->id);
        }
        foreach ($boat->plan->feeds as $feed) {
            $feed->isSwitched() && $switches["feed:{$feed->id}"] = Supplied::outWithoutCircuit($boat, $feed->id);
        }

        return $switches;
    }
}
