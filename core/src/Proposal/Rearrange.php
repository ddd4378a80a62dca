<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Plan;

/** The same blocks as another bank: in series for volts, in parallel for hours, or strings of them. */
final class Rearrange
{
    /** @return list<array{int, int}> blocks in series and strings in parallel, of all banks that these blocks can be */
    public static function ways(Bank $bank): array
    {
        $blocks = count($bank->batteries());
        $ways = [];
        for ($series = $blocks; $series >= 1; $series--) {
            if ($blocks % $series === 0) {
                $ways[] = [$series, intdiv($blocks, $series)];
            }
        }

        return $ways;
    }

    /** Jumpers that were really there are forgotten: those of the new bank are made anew. */
    public static function bank(Plan $plan, string $id, int $series): Patch
    {
        $bank = $plan->banks[$id] ?? throw ProposalRefused::noSuch('bank', $id);
        $batteries = $bank->batteries();
        if ($series < 1 || count($batteries) % $series !== 0) {
            throw ProposalRefused::because(
                count($batteries)." blocks do not make strings of {$series}. Choose one of the banks that are offered.",
            );
        }
        $parallel = intdiv(count($batteries), $series);
        $strings = array_map(
            static fn (array $string): array => array_column($string, 'id'),
            array_chunk($batteries, $series),
        );
        $fuse = $parallel === 1 || $bank->stringProtection !== null ? null : StringFuse::of(
            $series * $batteries[0]->nominalVolts,
            $batteries[0]->continuousAmps ?? $batteries[0]->capacityAh,
        );
        $patch = Patch::set(
            "bank:{$id}",
            [
                'strings' => $strings,
                'jumpers' => null,
                ...($fuse === null ? [] : ['string_protection' => $fuse]),
                ...($parallel === 1 ? ['string_protection' => null] : []),
            ],
        );
        foreach ($plan->feedsOf($bank) as $feed) {
            // Whole volts from the diagonal; a tap is a decision that is made again.
            $diagonal = $parallel > 1 && $bank->shunt === null;
            $patch = $patch->and(
                Patch::set(
                    "feed:{$feed->id}",
                    ['from.plus' => $diagonal ? 'pos@1' : 'pos', 'from.minus' => $diagonal ? "neg@{$parallel}" : 'neg'],
                ),
            );
        }

        return $patch;
    }
}
