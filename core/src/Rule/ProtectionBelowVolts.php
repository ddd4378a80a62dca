<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Protection\FuseFamily;

final readonly class ProtectionBelowVolts implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F09', [Level::Stop], 'rated volts of fuse or breaker < highest charging volts of its circuit',
            'above its volts an arc goes on burning where it opened', 'volts by family', SourceKind::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->protections as $protection) {
            if ($protection->banks === []) {
                continue; // nothing feeds it
            }
            if ($protection->highestVolts === null) {
                yield new Unchecked('F09', $protection->on, "charging volts of bank {$protection->banks[0]->id}");
            } elseif ($protection->sized->planned->volts() < $protection->highestVolts) {
                yield $this->finding($assessment, $protection, $protection->highestVolts);
            }
        }
    }

    private function finding(Assessment $assessment, PlacedProtection $protection, float $highest): Finding
    {
        $words = $assessment->words;

        return new Finding($this->text(), Level::Stop, $protection->on,
            ucfirst("{$protection->family()->label()} on {$protection->where} is made for {$words->volts($protection->sized->planned->volts())}; its circuit reaches {$words->volts($highest)} while charging."),
            'Choose a family made for more volts.',
            static fn (): iterable => OtherProtection::between($assessment, $protection, $protection->asks ?? $protection->rating(), $protection->ampacityBehind() ?? $protection->rating(), static fn (FuseFamily $family): bool => $family->maxVolts() >= $highest),
            ['max_v' => $protection->sized->planned->volts(), 'highest_v' => $highest]);
    }
}
