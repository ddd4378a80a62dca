<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Battery\Chemistry;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class OtherLithium implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B19', [Level::Note], 'lithium other than LiFePO4',
            'its volts, its charging and its fire risk are its maker\'s alone to say', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->batteries as $battery) {
            if ($battery->chemistry === Chemistry::OtherLithium) {
                yield new Finding($this->text(), Level::Note, "battery:{$battery->id}", "{$solved->called($battery)} is lithium other than LiFePO4: Dinghy has no figures for it.",
                    'Follow its maker\'s own sheet for charging, protection and place.', null, []);
            }
        }
    }
}
