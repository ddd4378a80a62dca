<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Rule;

use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Area\Day\Figure\Homecoming;
use Dinghy\Circuit\States;
use Dinghy\Plan\Device;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

/** B16 by the simulated day: the engine is started on what the day has left in its battery. */
final readonly class BrownOutOnTheWay implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B16', [Level::Warn], 'electronics share the starting battery and fall below their minimum when the engine is started in the planned day',
            'they restart, and may lose what they were recording', 'computed with the charge that the simulated day has left', SourceKind::CommonPractice, isCloser: true);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $day = $solved->figures(DayFigures::class)->day;
        $engine = $solved->plan->boat->engine;
        $bank = $engine === null ? null : $solved->plan->bankOf($engine->battery);
        if ($day === null || $engine?->crankingAmps === null || $bank === null || ! States::knowsCharge($bank)) {
            return;
        }
        $sharing = array_filter($solved->devicesOn($bank), static fn (Device $device): bool => $device->kind->isElectronics());
        foreach ((new Homecoming($solved, $day, $solved->plan->trip ?? []))->restarts($sharing) as [$device, $volts, $minute]) {
            yield new Finding($this->text(), Level::Warn, $device->on(),
                "{$device->label()} falls to {$solved->words->volts($volts)} when the engine is started at {$solved->words->clock($solved->plan->tripStart + $minute)}; it needs {$solved->words->volts($device->minVolts)}.",
                'Give the electronics a battery of their own.', null, ['volts' => $volts, 'min_v' => $device->minVolts, 'minutes' => $minute]);
        }
    }
}
