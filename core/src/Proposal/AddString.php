<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;

/** One more string of blocks in parallel on a bank that is there, each string with its fuse; whole volts are taken off diagonally. */
final class AddString
{
    /**
     * @param  \stdClass  $figures  a block as the plan file has it, without id
     * @param  string|null  $station  where the new blocks stand
     */
    public static function to(Plan $plan, string $bank, \stdClass $figures, ?string $station): Patch
    {
        $from = $plan->banks[$bank] ?? throw ProposalRefused::noSuch('bank', $bank);
        $series = count($from->strings[0]);
        $strings = array_map(static fn (array $string): array => array_column($string, 'id'), $from->strings);
        if ((count($strings) + 1) * $series > AddBank::MOST_BLOCKS) {
            throw ProposalRefused::because('A bank has at most '.AddBank::MOST_BLOCKS.' blocks.');
        }
        $taken = $plan->named->ids();
        $patch = null;
        $new = [];
        for ($number = count($strings) * $series; count($new) < $series;) {
            $id = "{$bank}-".++$number;
            if (! isset($taken[$id])) {
                $new[] = $id;
                $put = Patch::put("battery:{$id}", (object) ['id' => $id, ...get_object_vars($figures), ...Place::at($plan, $station)]);
                $patch = $patch?->and($put) ?? $put;
            }
        }
        $first = $from->strings[0][0];
        $set = Patch::set("bank:{$bank}", [
            'strings' => [...$strings, $new],
            'jumpers' => null,
            ...($from->stringProtection === null ? ['string_protection' => StringFuse::of($from->nominalVolts(), $first->continuousAmps ?? $first->capacityAh)] : []),
        ]);
        $patch = $patch?->and($set) ?? $set;
        $parallel = count($strings) + 1;
        foreach ($plan->feedsOf($from) as $feed) {
            if (! $feed->supply->isTap() && $from->shunt === null) {
                $patch = $patch->and(Patch::set("feed:{$feed->id}", ['from.plus' => 'pos@1', 'from.minus' => "neg@{$parallel}"]));
            }
        }

        return $patch;
    }
}
