<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Protection\FuseFamily;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ProtectionBelowVolts implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F09', [Level::Stop], 'rated volts of fuse or breaker < highest charging volts of its circuit',
            'above its volts an arc goes on burning where it opened', 'volts by family', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->protections as $protection) {
            if ($protection->banks === []) {
                continue; // nothing feeds it
            }
            if ($protection->highestVolts === null) {
                yield new Unchecked(
                    $this->text(),
                    $protection->on,
                    "the charging volts of {$protection->banks[0]->label()}",
                );
            } elseif ($protection->sized->planned->volts() < $protection->highestVolts) {
                yield $this->finding($solved, $protection, $protection->highestVolts);
            }
        }
    }

    private function finding(SolvedBoat $solved, PlacedProtection $protection, float $highest): Finding
    {
        $words = $solved->words;

        return new Finding($this->text(), Level::Stop, $protection->on,
            ucfirst("{$protection->family()->label()} on {$protection->where} is made for {$words->volts(
                $protection->sized->planned->volts(),
            )}; its circuit reaches {$words->volts($highest)} while charging."),
            'Choose a family made for more volts.',
            static fn (): iterable => OtherProtection::between(
                $solved,
                $protection,
                $protection->asks ?? $protection->rating(),
                $protection->ampacityBehind() ?? $protection->rating(),
                static fn (FuseFamily $family): bool => $family->maxVolts() >= $highest,
            ),
            ['max_v' => $protection->sized->planned->volts(), 'highest_v' => $highest]);
    }
}
