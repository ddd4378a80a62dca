<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Battery\Chemistry;
use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Plan;

/**
 * A charger with one output for each block of a bank that nothing charges yet, set for its chemistry, fused at the
 * battery.
 */
final class AddCharger
{
    /**
     * @param  int  $outputs  that the charger has
     * @param  float  $amps  of each
     * @param  string|null  $part  what it is called in the catalogue
     */
    public static function to(
        Plan $plan,
        string $name,
        int $outputs,
        float $amps,
        bool $isolated,
        string $bank,
        ?string $part = null,
    ): Patch {
        $blocks = self::uncharged($plan, $plan->banks[$bank] ?? throw ProposalRefused::noSuch('bank', $bank));
        if ($blocks === []) {
            throw ProposalRefused::because("Every block of bank {$bank} is charged already.");
        }
        if (count($blocks) > $outputs) {
            throw ProposalRefused::because('Bank '.$bank.' has '.count($blocks)." blocks to charge; {$name} has {$outputs} ".($outputs === 1 ? 'output' : 'outputs').'. Choose one with more.');
        }
        foreach ($blocks as $battery) {
            if ($battery->chemistry === Chemistry::OtherLithium) {
                throw ProposalRefused::because("Battery {$battery->id} is lithium other than LiFePO4: only its maker knows its charger.");
            }
        }
        $id = FreeId::like($plan, $name);

        return Patch::put("charger:{$id}", (object) [
            'id' => $id, ...($part === null ? [] : ['part' => $part]), 'input' => 'mains', 'isolated_outputs' => $isolated,
            'outputs' => array_map(
                static fn (Battery $battery): \stdClass => (object) [
                    'battery' => $battery->id,
                    'amps' => $amps,
                    'profile' => $battery->chemistry->value,
                    'fuse_at' => 'battery',
                ],
                $blocks,
            ),
        ]);
    }

    /** @return list<Battery> */
    private static function uncharged(Plan $plan, Bank $bank): array
    {
        $charged = [];
        foreach ($plan->chargers as $charger) {
            foreach ($charger->outputs as $output) {
                foreach ($output->across as $battery) {
                    $charged[$battery->id] = true;
                }
            }
        }
        $left = array_values(
            array_filter($bank->batteries(), static fn (Battery $battery): bool => ! isset($charged[$battery->id])),
        );

        // Single blocks in parallel are one battery to a charger.
        return match (true) {
            count($bank->strings[0]) > 1 => $left,
            count($left) === count($bank->batteries()) => array_slice($left, 0, 1),
            default => [],
        };
    }
}
