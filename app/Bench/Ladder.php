<?php

declare(strict_types=1);

namespace App\Bench;

use Dinghy\Circuit\Load;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Source;
use Dinghy\Plan\LoadKind;

/**
 * Two-wire circuits of any size, shaped as a boat's wiring is: blocks along a feeder, branches from each, a load at
 * each end.
 */
final class Ladder
{
    private const BRANCHES_A_BLOCK = 8;

    private const NODES_A_BRANCH = 6;

    public static function of(int $nodes): Network
    {
        $resistors = $loads = [];
        [$plus, $minus] = ['b+', 'b-'];
        for ($count = 2, $block = 0; $count < $nodes; $block++) {
            $resistors[] = new Resistor("feeder{$block}+", $plus, "k{$block}+", 0.002);
            $resistors[] = new Resistor("feeder{$block}-", $minus, "k{$block}-", 0.002);
            [$plus, $minus] = ["k{$block}+", "k{$block}-"];
            $count += 2;
            for ($branch = 0; $branch < self::BRANCHES_A_BLOCK && $count < $nodes; $branch++, $count += self::NODES_A_BRANCH) {
                $at = "{$block}.{$branch}";
                $resistors[] = new Resistor("fuse{$at}", $plus, "f{$at}", 0.006);
                $resistors[] = new Resistor("wire{$at}+", "f{$at}", "l{$at}+", 0.01);
                $resistors[] = new Resistor("lead{$at}+", "l{$at}+", "d{$at}+", 0.02);
                $resistors[] = new Resistor("wire{$at}-", $minus, "l{$at}-", 0.01);
                $resistors[] = new Resistor("lead{$at}-", "l{$at}-", "d{$at}-", 0.02);
                $loads[] = new Load("d{$at}", "d{$at}+", "d{$at}-", LoadKind::Power, 0.02, 12.0);
            }
        }

        return new Network([new Source('b', 'b+', 'b-', 12.8, 0.004)], $resistors, $loads);
    }
}
