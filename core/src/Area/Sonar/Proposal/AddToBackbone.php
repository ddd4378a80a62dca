<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\File\Patch;
use Dinghy\Network\Backbone;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\FreeId;
use Dinghy\Proposal\ProposalRefused;

/** A piece of a backbone put where it belongs: a trunk begins one, a terminator closes its open end, a tap stands where its load is, a tee takes a device. */
final class AddToBackbone
{
    /**
     * @param  \stdClass  $piece  of the catalogue: piece, and of cable its length_m and cable
     * @param  string|null  $backbone  null: the only one
     * @param  string|null  $device  that a tee or a drop is for
     */
    public static function piece(Plan $plan, \stdClass $piece, ?string $backbone, ?string $device): Patch
    {
        $length = is_numeric($piece->length_m ?? null) ? (float) $piece->length_m : null;
        if (($piece->piece ?? null) === 'trunk') {
            return self::trunk($plan, $length, is_string($piece->cable ?? null) ? $piece->cable : null);
        }
        $backbones = $plan->part(DataNetwork::class)->backbones ?? [];
        $on = $backbones[$backbone ?? array_key_first($backbones) ?? ''] ?? throw ($backbone === null
            ? ProposalRefused::because('There is no backbone aboard yet: put in the cable of its trunk first.')
            : ProposalRefused::noSuch('backbone', $backbone));

        return match ($piece->piece ?? null) {
            'terminator' => self::terminator($on),
            'power-tap' => Patch::set("backbone:{$on->id}", ['power' => [(object) ['at_m' => round($on->bestTap(), 2)]]]),
            'tee' => self::tee($plan, $on, $device, 0.0),
            default => self::tee($plan, $on, $device, $length ?? 0.0),
        };
    }

    private static function trunk(Plan $plan, ?float $length, ?string $cable): Patch
    {
        $id = FreeId::like($plan, 'backbone');

        return Patch::put("backbone:{$id}", (object) [
            'id' => $id,
            'length_m' => $length ?? throw ProposalRefused::because('The catalogue does not say how long this cable is: give it a length there.'),
            ...($cable === null ? [] : ['cable' => $cable]),
        ]);
    }

    private static function terminator(Backbone $on): Patch
    {
        $open = array_values(array_diff(['start', 'end'], $on->terminators));

        return Patch::set("backbone:{$on->id}", ['terminators' => [
            ...$on->terminators,
            $open[0] ?? throw ProposalRefused::because('Both ends of the trunk have a terminator: a third makes 40 Ω of the 60.'),
        ]]);
    }

    private static function tee(Plan $plan, Backbone $on, ?string $device, float $drop): Patch
    {
        $named = $plan->devices[$device ?? ''] ?? throw ($device === null
            ? ProposalRefused::because('Say which device hangs on it.')
            : ProposalRefused::noSuch('device', $device));
        $nodes = [];
        $new = (object) ['at_m' => round($on->length / 2, 2)];
        foreach ($on->nodes as $node) {
            $node->device === $named->id ? $new = $node->written($on->cable) : $nodes[] = $node->written($on->cable);
        }
        $nodes[] = (object) [...get_object_vars($new), 'device' => $named->id, 'drop_m' => $drop];

        return Patch::set("backbone:{$on->id}", ['nodes' => $nodes]);
    }
}
