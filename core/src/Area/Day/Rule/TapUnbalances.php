<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Rule;

use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Feed;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Trip\Day;

/** B05 by the simulated day: what the blocks of a string gave, each by itself, standby and sag counted. */
final readonly class TapUnbalances implements Rule
{
    /** of what the least used block gives a day, that another may give more */
    private const SHARE = 0.05;

    public function text(): RuleText
    {
        return new RuleText('B05', [Level::Warn], 'over the simulated day the blocks below a tap give > 5 % more Ah than those above',
            'the blocks below the tap are emptied before the others', 'computed by the simulation of the day', SourceKind::CommonPractice, isCloser: true);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $day = $solved->figures(DayFigures::class)->day;
        if ($day === null) {
            return;
        }
        foreach ($solved->plan->banks as $bank) {
            $tap = self::tap($solved, $bank);
            if ($tap === null || $solved->plan->chargesApart($bank->strings[$tap->supply->plus->string])) {
                continue;
            }
            [$most, $more, $least] = self::parted($day, $bank->strings[$tap->supply->plus->string]);
            if ($more <= max(0.0, self::SHARE * $least) + 1e-9) {
                continue;
            }
            $floor = $solved->plan->houseRules->floorOf($most->chemistry) ?? 0.5;
            $trips = floor((1 - $floor) * $most->capacityAh / $more);
            yield new Finding($this->text(), Level::Warn, "feed:{$tap->id}",
                ucfirst($solved->called($most)).' gives '.QuantityFormatter::trim($more, 1).' Ah more over the day than the least used block of its string, which gives '
                    .QuantityFormatter::trim($least, 1).' Ah; charged as one bank, it is at its floor alone after '.QuantityFormatter::trim($trips, 0).($trips === 1.0 ? ' trip.' : ' trips.'),
                'Give what is tapped a battery of its own, or charge every block by an output of its own.', null, ['imbalance_ah' => $more, 'bank_ah' => $least, 'trips' => $trips]);
        }
    }

    private static function tap(SolvedBoat $solved, Bank $bank): ?Feed
    {
        foreach ($solved->plan->feedsOf($bank) as $feed) {
            if ($feed->supply->isTap() && $feed->supply->minus->above === 0) {
                return $feed;
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<Battery>  $string
     * @return array{Battery, float, float} the block that gives most, Ah that it gives more than the one that gives least, and Ah of that one
     */
    private static function parted(Day $day, array $string): array
    {
        $given = [];
        foreach ($string as $at => $battery) {
            $given[$at] = $day->batteries[$battery->id]->ahOut - $day->batteries[$battery->id]->ahIn;
        }
        [$most, $least] = [(int) array_search(max($given), $given, true), min($given)];

        return [$string[$most], $given[$most] - $least, $least];
    }
}
