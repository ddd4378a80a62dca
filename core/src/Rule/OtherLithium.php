<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Battery\Chemistry;

final readonly class OtherLithium implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B19', [Level::Note], 'lithium other than LiFePO4',
            'its volts, its charging and its fire risk are its maker\'s alone to say', 'common practice', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->batteries as $battery) {
            if ($battery->chemistry === Chemistry::OtherLithium) {
                yield new Finding($this->text(), Level::Note, "battery:{$battery->id}", "Battery {$battery->id} is lithium other than LiFePO4: Dinghy has no figures for it.",
                    'Follow its maker\'s own sheet for charging, protection and place.', null, []);
            }
        }
    }
}
