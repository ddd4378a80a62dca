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

final readonly class DcDcFusedOnce implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F13', [Level::Stop], 'a DC–DC charger is not fused at both ends',
            'both ends are sources', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->chargers as $charger) {
            if ($charger->input !== 'dc-dc') {
                continue;
            }
            if ($charger->fusedEnds === null) {
                yield new Unchecked($this->text(), "charger:{$charger->id}", 'fused_ends');
            } elseif ($charger->fusedEnds !== 'both') {
                yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                    ucfirst($charger->label()).' is fused at '.($charger->fusedEnds === 'none' ? 'neither end' : "its {$charger->fusedEnds} only").'.',
                    'Put a fuse within 0.15 m of both batteries.', Patch::set(
                        "charger:{$charger->id}",
                        ['fused_ends' => 'both'],
                    ), []);
            }
        }
    }
}
