<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\File\Patch;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\Socket;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\FreeId;
use Dinghy\Proposal\Place;

/** A transducer, plugged in where a rigger would: a free socket of its own kind of plug, else a free one of a screen. */
final class AddTransducer
{
    /**
     * @param  \stdClass  $figures  a transducer as the plan file has it, without id and station
     */
    public static function to(Plan $plan, string $name, \stdClass $figures, ?string $station): Patch
    {
        $id = FreeId::like($plan, $name);
        $plug = is_string($figures->plug ?? null) ? $figures->plug : '';
        $to = self::socket($plan, $plug);

        return Patch::put("transducer:{$id}", (object) [
            'id' => $id,
            'name' => $name,
            ...get_object_vars($figures),
            ...Place::at($plan, $station),
            ...($to === null ? [] : ['to' => (object) ['device' => $to[0], 'socket' => $to[1]]]),
        ]);
    }

    /** @return array{string, string}|null device and socket; null: none is free */
    private static function socket(Plan $plan, string $plug): ?array
    {
        $network = $plan->part(DataNetwork::class);
        if ($network === null) {
            return null;
        }
        $taken = [];
        foreach ($network->transducers as $transducer) {
            $taken[$transducer->device][$transducer->socket] = true;
        }
        $free = [];
        foreach ($plan->devices as $id => $device) {
            foreach ($network->devices[$id]->sockets as $socket) {
                isset($taken[$id][$socket->id]) || $free[] = [$socket->plug !== $plug, $device->kind !== DeviceKind::Display, $id, $socket];
            }
        }
        usort($free, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        /** @var array{bool, bool, string, Socket}|null $first */
        $first = $free[0] ?? null;

        return $first === null ? null : [$first[2], $first[3]->id];
    }
}
