<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Protection\FuseFamily;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class UnfusedStrings implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B22', [Level::Stop, Level::Warn], 'parallel strings without a fuse each (a stop for lithium)',
            'a block that fails is fed by its neighbours', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            if (count($bank->strings) < 2 || $bank->stringProtection !== null) {
                continue;
            }
            $need = 1.25 * $solved->throughput->atPeak($bank) / count($bank->strings);
            $family = FuseFamily::ofStrings($bank->nominalVolts());
            $size = $family->sizeFor($need);
            $larger = array_filter($family->sizes(), static fn (float $other): bool => $other >= $size);
            yield new Finding($this->text(), $bank->batteries()[0]->chemistry->isLead() ? Level::Warn : Level::Stop, "bank:{$bank->id}",
                'The '.count($bank->strings)." parallel strings of {$bank->label()} have no fuse each.",
                "Fit a {$family->label()} of {$solved->words->amps($size)} on the top post of each string.",
                static fn (): iterable => array_map(static fn (float $rating): Remedy => new Remedy(
                    "Fit a {$family->label()} of {$solved->words->amps($rating)} on the top post of each string.",
                    Patch::set(
                        "bank:{$bank->id}",
                        ['string_protection' => (object) ['family' => $family->value, 'rating_a' => $rating]],
                    ),
                ), $larger),
                ['strings' => (float) count($bank->strings)]);
        }
    }
}
