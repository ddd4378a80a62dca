<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class LeadAcidClosedIn implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B13', [Level::Warn], 'lead-acid in a closed space without ventilation; flame or heat gun there',
            'charging gives off hydrogen, which explodes', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->batteries as $battery) {
            if (! $battery->chemistry->isLead()) {
                continue;
            }
            if ($battery->space === null) {
                yield new Unchecked($this->text(), "battery:{$battery->id}", 'space');
            } elseif ($battery->space === 'closed') {
                yield new Finding($this->text(), Level::Warn, "battery:{$battery->id}",
                    "{$solved->called($battery)}, {$battery->chemistry->label()}, stands in a closed space without ventilation.",
                    'Vent it to the open air from the highest point, and keep flame and heat gun away.',
                    Patch::set("battery:{$battery->id}", ['space' => 'ventilated']), []);
            }
        }
    }
}
