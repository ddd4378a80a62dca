<?php

declare(strict_types=1);

namespace Dinghy\Rule;

final readonly class TooManyTogether implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B21', [Level::Stop], 'more blocks in series or in parallel than their maker allows',
            'their management switches break at the higher volts or feed each other', 'the battery\'s own sheet', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->banks as $bank) {
            $counts = ['max_series' => count($bank->strings[0]), 'max_parallel' => count($bank->strings)];
            foreach ($bank->batteries() as $battery) {
                foreach ($counts as $field => $count) {
                    $most = $field === 'max_series' ? $battery->mostInSeries : $battery->mostInParallel;
                    if ($most === null && $count > 1 && ! $battery->chemistry->isLead()) {
                        yield new Unchecked('B21', "battery:{$battery->id}", $field);
                    } elseif ($most !== null && $count > $most) {
                        yield new Finding($this->text(), Level::Stop, "battery:{$battery->id}",
                            "{$count} blocks ".($field === 'max_series' ? 'in series' : 'in parallel').": the maker of battery {$battery->id} allows {$most}.",
                            'Use a block made for it, or one of the bank\'s full voltage.', null, ['count' => (float) $count, 'most' => (float) $most]);
                    }
                }
            }
        }
    }
}
