<?php

declare(strict_types=1);

namespace Dinghy\Rule;

final readonly class TubeTooFull implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W08', [Level::Warn], 'a tube is filled over 53 % by one cable, 31 % by two, 40 % by three or more',
            'it will not pull, and next time never', 'NEC chapter 9 table 1', Mark::Published);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->boat->ways as $way) {
            if ($way->isTube() && $way->bore === null && $assessment->ducts->in($way) !== []) {
                yield new Unchecked('W08', "way:{$way->id}", 'bore_mm');
            }
        }
        foreach ($assessment->ducts->bores() as $bore) {
            if (! $bore->isTooFull()) {
                continue;
            }
            $words = $assessment->words;
            $stations = $assessment->plan->boat->stations;
            yield new Finding($this->text(), Level::Warn, "way:{$bore->way->id}",
                "The tube from {$stations[$bore->way->from]->label()} to {$stations[$bore->way->to]->label()}, ".Words::trim($bore->diameter, 0).' mm, is filled to '
                    ."{$words->percent(100 * $bore->fill())} by ".count($bore->cables)." cables; the limit is {$words->percent(100 * $bore->limit())}.",
                'It takes a bore of '.(int) ceil($bore->needed()).' mm, or some of the cables another way.', null, ['fill_pct' => 100 * $bore->fill(), 'limit_pct' => 100 * $bore->limit()]);
        }
    }
}
