<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;

/** A fuse block and the feed that leads to it from a bank; diagonally, where the bank has parallel strings. */
final class AddBlock
{
    /**
     * @param  int  $circuits  that the block has room for
     * @param  string|null  $part  what it is called in the catalogue
     * @param  float|null  $rating  A that its buses are made for; null: not known
     */
    public static function to(
        Plan $plan,
        string $name,
        int $circuits,
        string $bank,
        ?string $station,
        ?string $part = null,
        ?float $rating = null,
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
                'circuits' => $circuits,
                ...($rating === null ? [] : ['rating_a' => $rating]),
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
