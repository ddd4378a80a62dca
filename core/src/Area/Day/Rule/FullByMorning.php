<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Rule;

use Dinghy\Area\Day\Figure\NightFigures;
use Dinghy\Area\Day\Remedy\StrongerCharger;
use Dinghy\Charging\BatteryNight;
use Dinghy\Charging\NotCharged;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

/** B18 by the night after the planned day: bulk and absorption from the evening's charge, lead's slow end with it. */
final readonly class FullByMorning implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B18', [Level::Warn], 'a night on the charger does not fill a battery after the planned day, or the cold keeps it from taking any',
            'too little leaves it short in the morning', 'computed by the night after the simulated day; rates by chemistry are common practice', SourceKind::CommonPractice, isCloser: true);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $night = $solved->figures(NightFigures::class)->night;
        if ($night === null) {
            return;
        }
        foreach ($solved->plan->banks as $bank) {
            $late = null;
            foreach ($bank->batteries() as $battery) {
                $one = $night->batteries[$battery->id];
                $isLate = ! $one->isFull() && $one->isNot === NotCharged::TooCold
                    || $one->isNot === null && ($one->fullAfter ?? INF) > $night->hours + 1e-6;
                if ($isLate && ($late === null || $one->morning < $late->morning)) {
                    $late = $one;
                }
            }
            if ($late !== null) {
                yield $this->finding($solved, $late, $night->hours);
            }
        }
    }

    private function finding(SolvedBoat $solved, BatteryNight $late, float $hours): Finding
    {
        $name = ucfirst($solved->called($late->battery));
        [$evening, $morning] = [self::percent($late->evening), self::percent($late->morning)];
        $cold = $late->isNot === NotCharged::TooCold;

        return new Finding($this->text(), Level::Warn, "battery:{$late->battery->id}", match (true) {
            $cold => "{$name} comes in at {$evening} and takes no charge below 0 °C: it is no fuller in the morning.",
            $late->fullAfter === null => "{$name} comes in at {$evening} and has {$morning} after a night of {$solved->words->hours($hours)}; it never gets full so.",
            default => "{$name} comes in at {$evening} and has {$morning} after a night of {$solved->words->hours($hours)}; full takes {$solved->words->hours($late->fullAfter)}.",
        },
            $cold ? 'Charge it where it is warmer than 0 °C.' : 'Use a larger charger, or leave it on longer.',
            $cold ? null : static fn (): iterable => StrongerCharger::for($solved, $late, $hours), [
                'evening_soc' => $late->evening,
                'morning_soc' => $late->morning,
                'night_h' => $hours,
                ...($late->fullAfter === null ? [] : ['full_after_h' => $late->fullAfter]),
            ]);
    }

    private static function percent(float $charge): string
    {
        return QuantityFormatter::trim(100 * $charge, 0).' %';
    }
}
