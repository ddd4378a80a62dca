<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherSupply;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Plan\Device;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class CrankingBrownOut implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B16', [Level::Warn], 'electronics share the starting battery and fall below their minimum while the engine is cranked',
            'they restart, and may lose what they were recording', 'computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $engine = $solved->plan->boat->engine;
        $bank = $engine === null ? null : $solved->plan->bankOf($engine->battery);
        $sharing = $bank === null ? [] : array_filter(
            $solved->devicesOn($bank),
            static fn (Device $device): bool => $device->kind->isElectronics(),
        );
        if ($engine === null || $bank === null || $sharing === [] || ! States::knows($bank)) {
            return;
        }
        if ($engine->crankingAmps === null) {
            yield new Unchecked($this->text(), 'plan', 'boat.engine.cranking_a');

            return;
        }
        $cranking = $solved->states->in(State::Cranking);
        foreach ($sharing as $device) {
            $volts = $cranking?->at($device) ?? 0.0;
            if ($volts < $device->minVolts) {
                yield new Finding($this->text(), Level::Warn, $device->on(),
                    "{$device->label()} falls to {$solved->words->volts($volts)} while the engine draws {$solved->words->amps($engine->crankingAmps)} from {$bank->label()}; it needs {$solved->words->volts($device->minVolts)}.",
                    'Give the electronics a battery of their own.', static fn (): iterable => OtherSupply::ofDevice($solved, $device, $bank), [
                        'volts' => $volts,
                        'min_v' => $device->minVolts,
                    ]);
            }
        }
    }
}
