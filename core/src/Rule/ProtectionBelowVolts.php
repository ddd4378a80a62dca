<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;
use Dinghy\Protection\FuseFamily;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;

final readonly class ProtectionBelowVolts implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F09', [Level::Stop], 'rated volts of fuse or breaker < highest charging volts of its circuit',
            'above its volts an arc goes on burning where it opened', 'volts by family', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            $feed = $assessment->feedOf($run);
            if ($feed === null) {
                continue;
            }
            foreach ($run->protection as $index => $protection) {
                $highest = $feed->supply->highestVolts();
                $on = $run->circuit?->on() ?? '';
                if ($highest === null) {
                    yield new Unchecked('F09', $on, "charging volts of bank {$feed->supply->bank->id}");
                } elseif ($protection->planned->volts() < $highest) {
                    yield $this->finding($assessment, $run, $index, $protection, $highest);
                }
            }
        }
    }

    private function finding(Assessment $assessment, SizedRun $run, int $index, SizedProtection $protection, float $highest): Finding
    {
        $words = $assessment->words;
        $on = $run->circuit?->on() ?? '';
        $better = null;
        foreach ([FuseFamily::Blade58, FuseFamily::StripSmall58, FuseFamily::Breaker80, FuseFamily::BatteryPost, FuseFamily::StripLarge80] as $family) {
            if ($better === null && $family->maxVolts() >= $highest && $family->has($protection->rating)) {
                $better = $family;
            }
        }
        $fields = $better === null ? [] : ($run->kind === RunKind::Branch ? ['family' => $better->value] : ["protection.{$index}.family" => $better->value]);
        if ($protection->planned->maxVolts !== null && $better !== null) {
            $fields["protection.{$index}.max_v"] = $better->maxVolts();
        }

        return new Finding($this->text(), Level::Stop, $on,
            ucfirst("{$protection->planned->family->label()} on {$run->circuit?->label} is made for {$words->volts($protection->planned->volts())}; its circuit reaches {$words->volts($highest)} while charging."),
            $better === null ? 'Choose a family made for more volts.' : "Fit a {$better->label()} of {$words->amps($protection->rating)}.",
            $better === null ? null : Patch::set($on, $fields),
            ['max_v' => $protection->planned->volts(), 'highest_v' => $highest]);
    }
}
