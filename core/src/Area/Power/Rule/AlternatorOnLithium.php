<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Battery\Chemistry;
use Dinghy\File\Patch;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class AlternatorOnLithium implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B23', [Level::Warn], 'an engine\'s alternator charges LiFePO4 directly',
            'it overheats, and a sudden cut-off harms it', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->chargers as $charger) {
            foreach ($charger->input === 'alternator' ? $charger->batteryOutputs() : [] as $output) {
                if ($output->across[0]->chemistry === Chemistry::LiFePO4) {
                    yield new Finding($this->text(), Level::Warn, "charger:{$charger->id}",
                        "The alternator charges {$solved->called($output->across[0])}, LiFePO4, directly.",
                        'Put a DC–DC charger between them.', self::behindStartingBank(
                            $solved->plan,
                            $charger,
                            $output->across[0],
                        ), []);
                }
            }
            if ($charger->input === null && array_filter($charger->batteryOutputs(), static fn ($output): bool => $output->across[0]->chemistry === Chemistry::LiFePO4) !== []) {
                yield new Unchecked($this->text(), "charger:{$charger->id}", 'input');
            }
        }
    }

    /** @return Patch|null null: there is no other bank that the alternator could charge first */
    private static function behindStartingBank(Plan $plan, Charger $charger, Battery $charged): ?Patch
    {
        $starting = $plan->boat->engine === null ? null : $plan->bankOf($plan->boat->engine->battery);

        return $starting === null || $starting === $plan->bankOf($charged->id) ? null
            : Patch::set(
                "charger:{$charger->id}",
                ['input' => 'dc-dc', 'input_from' => (object) ['bank' => $starting->id], 'fused_ends' => 'both'],
            );
    }
}
