<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Battery\Chemistry;

final readonly class AlternatorOnLithium implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B23', [Level::Warn], 'an engine\'s alternator charges LiFePO4 directly',
            'it overheats, and a sudden cut-off harms it', 'common practice', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->chargers as $charger) {
            foreach ($charger->input === 'alternator' ? $charger->batteryOutputs() : [] as $output) {
                if ($output->across[0]->chemistry === Chemistry::LiFePO4) {
                    yield new Finding($this->text(), Level::Warn, "charger:{$charger->id}",
                        "The alternator charges battery {$output->across[0]->id}, LiFePO4, directly.",
                        'Put a DC–DC charger between them.', null, []);
                }
            }
            if ($charger->input === null && array_filter($charger->batteryOutputs(), static fn ($output): bool => $output->across[0]->chemistry === Chemistry::LiFePO4) !== []) {
                yield new Unchecked('B23', "charger:{$charger->id}", 'input');
            }
        }
    }
}
