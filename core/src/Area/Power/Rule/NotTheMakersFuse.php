<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\SizedRun;

final readonly class NotTheMakersFuse implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F08', [Level::Warn], 'the rating differs from the fuse that the device\'s maker asks for',
            'its maker tested it with that one', 'the device\'s own sheet', SourceKind::CommonPractice);
    }

    /** @return iterable<Remedy> */
    private static function asAsked(SolvedBoat $solved, SizedRun $run, int $index, float $asked): iterable
    {
        $protection = $solved->protectionOf($run, $index);

        return $protection === null ? [] : OtherProtection::between($solved, $protection, $asked, $asked);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->circuits() as $run) {
            $asked = $run->circuit?->demand->makers;
            $index = count($run->protection) - 1;
            if ($run->circuit === null || $asked === null || $index < 0) {
                continue;
            }
            $protection = $run->protection[$index];
            // A smaller one is F03's to speak of, and where the wire asks for a smaller one the wire comes first.
            if ($protection->rating > $asked + 1e-9) {
                yield new Finding($this->text(), Level::Warn, $run->circuit->on(),
                    "{$run->circuit->behind[0]->label()} is fused with {$solved->words->amps($protection->rating)}; its maker asks for {$solved->words->amps($asked)}.",
                    "Fit {$solved->words->amps($asked)}.", static fn (): iterable => self::asAsked($solved, $run, $index, $asked),
                    ['rating_a' => $protection->rating, 'makers_a' => $asked]);
            }
        }
    }
}
