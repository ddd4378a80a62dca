<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

use Dinghy\Network\Backbone;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;

/** The bought cables of sonar and data: adapters, terminal blocks, network cables, the pieces of each backbone. */
final class DataLines
{
    /** @return list<KitLine> */
    public static function of(Plan $plan): array
    {
        $network = $plan->part(DataNetwork::class);
        if ($network === null) {
            return [];
        }
        $tray = new Tray('Sonar and data');
        foreach ($network->adapters as $adapter) {
            $tray->pieces(ucfirst($adapter->label()), 1, "adapter:{$adapter->id()}");
        }
        foreach ($network->terminalBlocks as $block) {
            $tray->pieces(ucfirst($block->label()), 1, "terminal-block:{$block->id}");
        }
        foreach ($network->cables as $cable) {
            $tray->pieces('Network cable '.($cable->length === null ? 'of a length not known' : self::metres($cable->length)), 1, "network-cable:{$cable->id}");
        }
        foreach ($network->backbones as $backbone) {
            self::backbone($tray, $backbone);
        }

        return $tray->lines();
    }

    private static function backbone(Tray $tray, Backbone $backbone): void
    {
        $on = "backbone:{$backbone->id}";
        $tray->metres("Trunk cable, {$backbone->cable->value}", $backbone->length, $on);
        foreach ($backbone->nodes as $node) {
            $tray->pieces('Drop cable '.self::metres($node->drop), $node->drop > 0 ? 1 : 0, $on, "device:{$node->device}");
        }
        $tray->pieces('Tee for a drop', count($backbone->nodes), $on);
        $tray->pieces('Terminator, 120 Ω', count($backbone->terminators), $on);
        $tray->pieces('Power tap with fuse', count($backbone->taps), $on);
    }

    private static function metres(float $metres): string
    {
        return QuantityFormatter::trim($metres, 2).' m';
    }
}
