<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class UnequalBlocks implements Rule
{
    private const CAPACITY = 1.1;

    private const MONTHS = 12;

    /** V of a 12 V block */
    private const VOLTS_LEAD = 0.15;

    private const VOLTS_LITHIUM = 0.05;

    public function text(): RuleText
    {
        return new RuleText('B03', [Level::Warn], 'inside a bank: capacities differ by more than 10 %, ages by more than 12 months, rested volts of a 12 V block by more than 0.15 V (lead) or 0.05 V (LiFePO4)',
            'the weakest sets the range and dies first', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            if (count($bank->batteries()) > 1) {
                yield from $this->judge($solved, $bank);
            }
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judge(SolvedBoat $solved, Bank $bank): iterable
    {
        $batteries = $bank->batteries();
        $said = [];
        $figures = [];
        $capacities = array_map(static fn (Battery $battery): float => $battery->capacityAh, $batteries);
        if (max($capacities) > self::CAPACITY * min($capacities)) {
            $said[] = 'capacities from '.QuantityFormatter::trim(min($capacities), 0).' to '.QuantityFormatter::trim(max($capacities), 0).' Ah';
            $figures += ['lowest_ah' => min($capacities), 'highest_ah' => max($capacities)];
        }
        [$months, $volts] = [[], []];
        foreach ($batteries as $battery) {
            if ($battery->commissioned === null) {
                yield new Unchecked($this->text(), "battery:{$battery->id}", 'commissioned');
            } else {
                $months[] = 12 * (int) substr($battery->commissioned, 0, 4) + (int) substr($battery->commissioned, 5, 2);
            }
            if ($battery->restedVolts === null) {
                yield new Unchecked($this->text(), "battery:{$battery->id}", 'rested_v');
            } else {
                $volts[] = $battery->restedVolts * 12 / $battery->nominalVolts;
            }
        }
        if ($months !== [] && max($months) - min($months) > self::MONTHS) {
            $said[] = 'ages '.(max($months) - min($months)).' months apart';
            $figures['months'] = (float) (max($months) - min($months));
        }
        $limit = $batteries[0]->chemistry->isLead() ? self::VOLTS_LEAD : self::VOLTS_LITHIUM;
        if ($volts !== [] && max($volts) - min($volts) > $limit + 1e-9) {
            $said[] = 'rested volts '.$solved->words->volts(max($volts) - min($volts)).' apart';
            $figures['apart_v'] = max($volts) - min($volts);
        }
        if ($said !== []) {
            yield new Finding($this->text(), Level::Warn, "bank:{$bank->id}", ucfirst("{$bank->label()}: ").implode(', ', $said).'.',
                'Charge each block alone and rest it; replace the odd one, or the whole bank together.', null, $figures);
        }
    }
}
