<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Battery\Chemistry;
use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Plan;

/**
 * A charger with one output for each block of its banks that nothing charges yet, set for its chemistry, fused at the
 * battery.
 */
final class AddCharger
{
    /**
     * @param  int  $outputs  that the charger has
     * @param  float  $amps  of each
     * @param  non-empty-list<string>  $banks  that it charges
     * @param  string|null  $part  what it is called in the catalogue
     * @param  string  $input  what feeds it, as the plan file has it
     * @param  string|null  $from  the bank that it draws on, where another bank feeds it
     */
    public static function to(
        Plan $plan,
        string $name,
        int $outputs,
        float $amps,
        bool $isolated,
        array $banks,
        ?string $part = null,
        string $input = 'mains',
        ?string $from = null,
    ): Patch {
        $source = self::source($plan, $input, $from, $banks);
        $blocks = self::blocks($plan, $banks);
        if (count($blocks) > $outputs) {
            throw ProposalRefused::because(ucfirst(implode(' and ', array_map(static fn (string $bank): string => $plan->banks[$bank]->label(), $banks))).(count($banks) === 1 ? ' has ' : ' have ').count($blocks)." blocks to charge; {$name} has {$outputs} ".($outputs === 1 ? 'output' : 'outputs').'. Choose one with more.');
        }
        foreach ($blocks as $battery) {
            if ($battery->chemistry === Chemistry::OtherLithium) {
                throw ProposalRefused::because("A battery of {$plan->bankOf($battery->id)?->label()} is lithium other than LiFePO4: only its maker knows its charger.");
            }
        }
        $id = FreeId::like($plan, $name);

        return Patch::put("charger:{$id}", (object) [
            'id' => $id, ...($part === null ? [] : ['part' => $part]), 'input' => $input, 'isolated_outputs' => $isolated,
            ...$source,
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

    /**
     * @param  list<string>  $banks
     * @return list<Battery>
     */
    private static function blocks(Plan $plan, array $banks): array
    {
        $blocks = array_merge(...array_map(
            static fn (string $bank): array => self::uncharged($plan, $plan->banks[$bank] ?? throw ProposalRefused::noSuch('bank', $bank)),
            $banks,
        ));

        return $blocks === [] ? throw ProposalRefused::because('Every block of bank '.implode(' and ', $banks).' is charged already.') : $blocks;
    }

    /**
     * @param  list<string>  $banks
     * @return array<string, mixed>
     */
    private static function source(Plan $plan, string $input, ?string $from, array $banks): array
    {
        if ($input !== 'dc-dc') {
            return [];
        }
        if ($from === null) {
            throw ProposalRefused::because('It charges one bank out of another: say which bank it draws on.');
        }
        isset($plan->banks[$from]) || throw ProposalRefused::noSuch('bank', $from);
        if (in_array($from, $banks, true)) {
            throw ProposalRefused::because('It cannot charge the bank that it draws on: choose another.');
        }

        return ['input_from' => (object) ['bank' => $from]];
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
