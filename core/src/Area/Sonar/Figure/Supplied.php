<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

use Dinghy\Plan\Device;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Path;

/** What goes out when a bank is off or a circuit is open: whoever has no other way to a bank. */
final class Supplied
{
    /** @return list<string> devices and backbones, by id */
    public static function outWithoutBank(SolvedBoat $boat, string $bank): array
    {
        return self::out($boat, static fn (Path $path): bool => $path->bank()->id === $bank);
    }

    /** @return list<string> devices and backbones, by id */
    public static function outWithoutCircuit(SolvedBoat $boat, string $circuit): array
    {
        return self::out($boat, static fn (Path $path): bool => $path->feed()?->id === $circuit || isset(array_column($path->circuits, null, 'id')[$circuit]));
    }

    /**
     * @param  \Closure(Path): bool  $isBroken
     * @return list<string>
     */
    private static function out(SolvedBoat $boat, \Closure $isBroken): array
    {
        $out = array_filter($boat->plan->consumers, static function (Device $device) use ($boat, $isBroken): bool {
            $paths = $boat->wiring->pathsTo($device);

            return $paths !== [] && array_filter($paths, static fn (Path $path): bool => ! $isBroken($path)) === [];
        });

        return array_map(strval(...), array_keys($out));
    }
}
