<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Plan\Device;

final readonly class CrankingBrownOut implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B16', [Level::Warn], 'electronics share the starting battery and fall below their minimum while the engine is cranked',
            'they restart, and may lose what they were recording', 'computed', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        $engine = $assessment->plan->boat->engine;
        $bank = $engine === null ? null : $assessment->plan->bankOf($engine->battery);
        $sharing = $bank === null ? [] : array_filter($assessment->devicesOn($bank), static fn (Device $device): bool => $device->kind->isElectronics());
        if ($engine === null || $bank === null || $sharing === [] || ! States::knows($bank)) {
            return;
        }
        if ($engine->crankingAmps === null) {
            yield new Unchecked('B16', 'plan', 'boat.engine.cranking_a');

            return;
        }
        $cranking = $assessment->states->in(State::Cranking);
        foreach ($sharing as $device) {
            $volts = $cranking?->between($device->id.'+', $device->id.'-') ?? 0.0;
            if ($volts < $device->minVolts) {
                yield new Finding($this->text(), Level::Warn, "device:{$device->id}",
                    "{$device->label()} falls to {$assessment->words->volts($volts)} while the engine draws {$assessment->words->amps($engine->crankingAmps)} from bank {$bank->id}; it needs {$assessment->words->volts($device->minVolts)}.",
                    'Give the electronics a battery of their own.', static fn (): iterable => OtherSupply::ofDevice($assessment, $device, $bank), ['volts' => $volts, 'min_v' => $device->minVolts]);
            }
        }
    }
}
