<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Rule;

use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Area\Day\Remedy\EarlierHome;
use Dinghy\Plan\Bank;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Trip\BatteryCharge;
use Dinghy\Trip\Day;
use Dinghy\Trip\DeviceUse;

final readonly class BankBelowFloor implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B17', [Level::Warn], 'the day on the water runs a battery down to the floor that the house rules keep in it',
            'lead taken lower does not last, and what is left no longer brings you home', 'computed by the simulation of the day', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $day = $solved->figures(DayFigures::class)->day;
        if ($day === null) {
            return;
        }
        foreach ($day->batteries as $id => $battery) {
            if ($battery->isGuessed) {
                yield new Unchecked($this->text(), "battery:{$id}", 'soc');
            }
        }
        foreach ($solved->plan->banks as $bank) {
            $first = self::first($day, $bank);
            if ($first === null || $first->toFloor === null) {
                continue;
            }
            $most = self::drawsMost($solved, $day, $bank);
            $floor = QuantityFormatter::trim(100 * ($solved->plan->houseRules->floorOf($first->battery->chemistry) ?? 0.0), 0);
            $when = $first->toFloor > 0
                ? "at {$solved->words->clock($solved->plan->tripStart + $first->toFloor)}, {$solved->words->hours($first->toFloor / 60)} out"
                : 'as the day begins';
            yield new Finding($this->text(), Level::Warn, "bank:{$bank->id}",
                "{$solved->called($first->battery)} is down to its floor of {$floor} % {$when}".($most === null ? '.' : "; {$most->device->label()} draws most of it."),
                'Take a shorter day, draw less, or carry more charge.', static fn (): iterable => EarlierHome::of($solved, static fn (Day $home): bool => self::first($home, $bank) === null), [
                    'minutes' => $first->toFloor,
                    'soc_end' => $first->charge,
                ]);
        }
    }

    private static function first(Day $day, Bank $bank): ?BatteryCharge
    {
        $first = null;
        foreach ($bank->batteries() as $battery) {
            $charge = $day->batteries[$battery->id];
            if ($charge->toFloor !== null && ($first?->toFloor === null || $charge->toFloor < $first->toFloor)) {
                $first = $charge;
            }
        }

        return $first;
    }

    private static function drawsMost(SolvedBoat $solved, Day $day, Bank $bank): ?DeviceUse
    {
        $most = null;
        foreach ($day->devices as $use) {
            foreach ($solved->wiring->pathsTo($use->device) as $path) {
                if ($path->bank()->id === $bank->id && $use->wh > ($most->wh ?? 0.0)) {
                    $most = $use;
                }
            }
        }

        return $most;
    }
}
