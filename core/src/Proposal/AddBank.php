<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;

/** Equal blocks in series, in parallel, or strings in parallel, each string with its fuse. */
final class AddBank
{
    public const MOST_BLOCKS = 16;

    /** letters of the bank's id that its batteries' ids begin with */
    private const LONGEST_STEM = 26;

    /**
     * @param  \stdClass  $figures  a battery as the plan file has it, without id and station
     * @param  int  $series  blocks in each string
     * @param  int  $parallel  strings
     * @param  string|null  $commissioned  year and month
     * @param  float|null  $crankingAmps  A that the engine's starter draws from its first battery; null: it starts none
     */
    public static function to(
        Plan $plan,
        \stdClass $figures,
        string $name,
        int $series,
        int $parallel,
        ?string $station,
        ?string $commissioned,
        ?float $crankingAmps = null,
    ): Patch {
        $place = Place::at($plan, $station);
        if ($series < 1 || $parallel < 1 || $series * $parallel > self::MOST_BLOCKS) {
            throw ProposalRefused::because('A bank has 1 to '.self::MOST_BLOCKS.' blocks: type how many in series and how many strings.');
        }
        $bank = FreeId::like($plan, $name);
        $steps = [];
        $strings = [];
        for ($s = 0, $number = 0; $s < $parallel; $s++) {
            for ($i = 0; $i < $series; $i++) {
                $id = FreeId::like($plan, substr($bank, 0, self::LONGEST_STEM).'-'.++$number);
                $strings[$s][] = $id;
                $steps[] = Patch::put("battery:{$id}", (object) [
                    'id' => $id, ...get_object_vars($figures),
                    ...$place,
                    ...($commissioned === null ? [] : ['commissioned' => $commissioned]),
                ]);
            }
        }
        $volts = is_numeric($figures->nominal_v ?? null) ? $series * (float) $figures->nominal_v : 12.0;
        $amps = match (true) {
            is_numeric($figures->continuous_a ?? null) => (float) $figures->continuous_a,
            is_numeric($figures->capacity_ah ?? null) => (float) $figures->capacity_ah,
            default => 100.0,
        };
        $steps[] = Patch::put("bank:{$bank}", (object) [
            'id' => $bank, 'strings' => array_values($strings),
            ...($parallel > 1 ? ['string_protection' => StringFuse::of($volts, $amps)] : []),
        ]);

        if ($crankingAmps !== null) {
            $steps[] = Patch::set(
                'plan',
                ['boat.engine' => (object) ['battery' => $strings[0][0], 'cranking_a' => $crankingAmps]],
            );
        }

        return Patch::all($steps);
    }
}
