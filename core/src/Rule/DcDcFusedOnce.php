<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\Patch;

final readonly class DcDcFusedOnce implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F13', [Level::Stop], 'a DC–DC charger is not fused at both ends',
            'both ends are sources', 'common practice', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->chargers as $charger) {
            if ($charger->input !== 'dc-dc') {
                continue;
            }
            if ($charger->fusedEnds === null) {
                yield new Unchecked('F13', "charger:{$charger->id}", 'fused_ends');
            } elseif ($charger->fusedEnds !== 'both') {
                yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                    "DC–DC charger {$charger->id} is fused at ".($charger->fusedEnds === 'none' ? 'neither end' : "its {$charger->fusedEnds} only").'.',
                    'Put a fuse within 0.15 m of both batteries.', Patch::set("charger:{$charger->id}", ['fused_ends' => 'both']), []);
            }
        }
    }
}
