<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\Patch;
use Dinghy\Protection\FuseFamily;

final readonly class UnfusedStrings implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B22', [Level::Stop, Level::Warn], 'parallel strings without a fuse each (a stop for lithium)',
            'a block that fails is fed by its neighbours', 'common practice', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->banks as $bank) {
            if (count($bank->strings) < 2 || $bank->stringProtection !== null) {
                continue;
            }
            $need = 1.25 * $assessment->throughput->atPeak($bank) / count($bank->strings);
            $family = FuseFamily::ofStrings($bank->nominalVolts());
            $size = $family->sizeFor($need);
            $larger = array_filter($family->sizes(), static fn (float $other): bool => $other >= $size);
            yield new Finding($this->text(), $bank->batteries()[0]->chemistry->isLead() ? Level::Warn : Level::Stop, "bank:{$bank->id}",
                'The '.count($bank->strings)." parallel strings of bank {$bank->id} have no fuse each.",
                "Fit a {$family->label()} of {$assessment->words->amps($size)} on the top post of each string.",
                static fn (): iterable => array_map(static fn (float $rating): Remedy => new Remedy(
                    "Fit a {$family->label()} of {$assessment->words->amps($rating)} on the top post of each string.",
                    Patch::set("bank:{$bank->id}", ['string_protection' => (object) ['family' => $family->value, 'rating_a' => $rating]]),
                ), $larger),
                ['strings' => (float) count($bank->strings)]);
        }
    }
}
