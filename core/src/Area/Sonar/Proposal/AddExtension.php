<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\File\Patch;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\ProposalRefused;

/** Its maker's extension on the cable of a transducer. */
final class AddExtension
{
    /** @param  \stdClass  $figures  its plug, its length and what it is called in the catalogue */
    public static function to(Plan $plan, string $transducer, \stdClass $figures): Patch
    {
        $on = $plan->part(DataNetwork::class)->transducers[$transducer] ?? throw ProposalRefused::noSuch('transducer', $transducer);
        if ($on->isExtendable === false) {
            throw ProposalRefused::because("{$on->label()} has no extensions: its maker makes none. Order it with a longer cable, or plug it in nearer.");
        }
        if ($on->plug !== ($figures->plug ?? null)) {
            throw ProposalRefused::because("{$on->label()} ends in {$on->plug}, and this extension takes another plug.");
        }

        return Patch::set("transducer:{$transducer}", ['extensions' => [
            ...array_map(static fn (array $one): \stdClass => (object) array_filter($one, static fn (mixed $value): bool => $value !== null), $on->extensions),
            (object) array_intersect_key(get_object_vars($figures), ['part' => true, 'length_m' => true]),
        ]]);
    }
}
