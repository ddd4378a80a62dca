<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ResettingBreaker implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F12', [Level::Warn], 'a breaker that resets itself or is not trip-free',
            'it feeds the fault again and again, or as long as its lever is held', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->feeds as $feed) {
            foreach ($feed->protection as $index => $protection) {
                if (! $protection->family->isBreaker()) {
                    continue;
                }
                $wrong = [];
                foreach (['resets_itself' => $protection->resetsItself, 'trip_free' => $protection->tripFree] as $field => $value) {
                    if ($value === null) {
                        yield new Unchecked($this->text(), "feed:{$feed->id}", "protection.{$index}.{$field}");
                    } elseif ($value === ($field === 'resets_itself')) {
                        $wrong["protection.{$index}.{$field}"] = ! $value;
                    }
                }
                if ($wrong !== []) {
                    yield new Finding($this->text(), Level::Warn, "feed:{$feed->id}",
                        "The breaker of {$solved->plan->called($feed)} ".($protection->resetsItself === true ? 'resets itself' : 'can be held in against a fault').'.',
                        'Fit a trip-free breaker that is reset by hand.', Patch::set("feed:{$feed->id}", $wrong), []);
                }
            }
        }
    }
}
