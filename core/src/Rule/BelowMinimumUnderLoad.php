<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Circuit\State;
use Dinghy\Circuit\States;

final readonly class BelowMinimumUnderLoad implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D02', [Level::Stop], 'volts at the device under full plan load with banks at their floor < device minimum; or the banks cannot give what is asked for',
            'it restarts, or the motor stops', 'computed', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->wiring->paths as $path) {
            if (! States::knows($path->feed->supply->bank)) {
                yield new Unchecked('D02', "device:{$path->device->id}", "internal_mohm of the batteries of {$path->feed->supply->bank->id}");
            }
        }
        $overload = $assessment->states->overload(State::Lowest);
        if ($overload !== null) {
            $device = $assessment->plan->devices[$overload->load] ?? null;
            yield new Finding($this->text(), Level::Stop, $device === null ? 'plan' : "device:{$device->id}",
                ($device === null ? 'The engine' : $device->label())." cannot be fed with banks at their floor: it asks for {$assessment->words->amps($overload->askedAmps)}, the bank can give at most {$assessment->words->amps($overload->mostAmps)} beside the rest.",
                'Use a stronger bank, thicker or shorter wire, or fewer devices at once.', null, ['asked_a' => $overload->askedAmps, 'most_a' => $overload->mostAmps, 'share' => $overload->share]);
        }
        $lowest = $assessment->states->in(State::Lowest);
        $seen = [];
        foreach ($assessment->wiring->paths as $path) {
            $device = $path->device;
            $volts = States::knows($path->feed->supply->bank) ? $lowest?->between($device->id.'+', $device->id.'-') : null;
            if ($volts === null || isset($seen[$device->id]) || $volts >= $device->minVolts) {
                continue;
            }
            $seen[$device->id] = true;
            yield new Finding($this->text(), Level::Stop, "device:{$device->id}",
                "{$device->label()} falls to {$assessment->words->volts($volts)} with everything on and bank {$path->feed->supply->bank->id} at its floor; it needs {$assessment->words->volts($device->minVolts)}.",
                'Run thicker wire to it, feed it directly, or give it a bank that holds its volts.', null, ['volts' => $volts, 'min_v' => $device->minVolts]);
        }
    }
}
