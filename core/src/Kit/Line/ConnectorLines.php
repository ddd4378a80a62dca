<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Solving\SolvedBoat;

/** What is planned in the middle of runs: splices and quick connectors, plugs with their sockets. */
final class ConnectorLines
{
    /** @return list<KitLine> */
    public static function of(SolvedBoat $boat): array
    {
        $tray = new Tray('Terminals');
        foreach ($boat->circuits() as $run) {
            $circuit = $run->circuit;
            foreach ($circuit->run->connectors ?? [] as $connector) {
                $tray->pieces(ucfirst($connector->label()), 1, "{$run->kind->value}:{$run->id}");
            }
            $plug = $circuit?->run->plug;
            $plug === null || $tray->pieces(
                'Plug and socket '.QuantityFormatter::trim($plug->amps, 1).' A, to '.QuantityFormatter::trim($plug->maxVolts, 1).' V'.($plug->keyed ? ', one way only' : ''),
                1,
                "{$run->kind->value}:{$run->id}",
            );
        }

        return $tray->lines();
    }
}
