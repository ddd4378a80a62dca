<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Remedy;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Proposal\FreeId;
use Dinghy\Rule\Remedy;
use Dinghy\Solving\SolvedBoat;

/** Some of a bank's parallel strings made a bank of their own. */
final class PartedBank
{
    /**
     * @param  list<list<Battery>>  $leaving  strings of the bank
     * @return list<Remedy> one; none, where all or none of them would leave
     */
    public static function of(SolvedBoat $solved, Bank $bank, array $leaving): array
    {
        $staying = array_values(
            array_filter($bank->strings, static fn (array $string): bool => ! in_array($string, $leaving, true)),
        );
        if ($staying === [] || $leaving === []) {
            return [];
        }
        $plan = $solved->plan;
        $other = FreeId::like($plan, $bank->id);
        $fields = [
            'strings' => self::ids($staying),
            'jumpers' => null,
            ...(count($staying) === 1 ? ['string_protection' => null] : []),
        ];
        $patch = Patch::set("bank:{$bank->id}", $fields);
        $minus = count($staying) === 1 || $bank->shunt !== null ? 'neg' : 'neg@'.count($staying);
        foreach ($plan->feedsOf($bank) as $feed) {
            if (! $feed->supply->isTap()) {
                $patch = $patch->and(Patch::set("feed:{$feed->id}", ['from.plus' => 'pos', 'from.minus' => $minus]));
            }
        }
        $names = implode(' and ', array_map($solved->called(...), array_merge(...$leaving)));

        return [
            new Remedy(
                "Make {$names} a bank of ".(count($leaving) === 1 && count($leaving[0]) === 1 ? 'its' : 'their').' own.',
                $patch->and(Patch::put("bank:{$other}", (object) ['id' => $other, 'strings' => self::ids($leaving)])),
            ),
        ];
    }

    /**
     * @param  list<list<Battery>>  $strings
     * @return list<list<string>>
     */
    private static function ids(array $strings): array
    {
        return array_map(static fn (array $string): array => array_column($string, 'id'), $strings);
    }
}
