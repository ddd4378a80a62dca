<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;

/** A fuse block and the feed that leads to it from a bank; diagonally, where the bank has parallel strings. */
final class AddBlock
{
    /**
     * @param  \stdClass  $figures  as its maker gives them: circuits, rating_a, stud and so on, by the keys of a plan
     * @param  string|null  $part  what it is called in the catalogue
     */
    public static function to(
        Plan $plan,
        string $name,
        \stdClass $figures,
        string $bank,
        ?string $station,
        ?string $part = null,
    ): Patch {
        $from = $plan->banks[$bank] ?? throw ProposalRefused::noSuch('bank', $bank);
        $place = Place::at($plan, $station);
        $id = FreeId::like($plan, $name);
        $last = count($from->strings);

        return Patch::put(
            "block:{$id}",
            (object) [
                'id' => $id,
                ...($part === null ? [] : ['part' => $part]),
                ...$place,
                ...get_object_vars($figures),
                'branches' => [],
            ],
        )
            ->and(AddDevice::feed(
                $plan,
                CircuitRequirements::block(),
                (object) [
                    'bank' => $bank,
                    ...($last > 1 && $from->shunt === null ? ['plus' => 'pos@1', 'minus' => "neg@{$last}"] : []),
                ],
                "feed {$name}",
                (object) ['block' => $id],
            ));
    }
}
