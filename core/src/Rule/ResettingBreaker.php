<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\Patch;

final readonly class ResettingBreaker implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F12', [Level::Warn], 'a breaker that resets itself or is not trip-free',
            'it feeds the fault again and again, or as long as its lever is held', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->feeds as $feed) {
            foreach ($feed->protection as $index => $protection) {
                if (! $protection->family->isBreaker()) {
                    continue;
                }
                $wrong = [];
                foreach (['resets_itself' => $protection->resetsItself, 'trip_free' => $protection->tripFree] as $field => $value) {
                    if ($value === null) {
                        yield new Unchecked('F12', "feed:{$feed->id}", "protection.{$index}.{$field}");
                    } elseif ($value === ($field === 'resets_itself')) {
                        $wrong["protection.{$index}.{$field}"] = ! $value;
                    }
                }
                if ($wrong !== []) {
                    yield new Finding($this->text(), Level::Warn, "feed:{$feed->id}",
                        "The breaker of feed {$feed->id} ".($protection->resetsItself === true ? 'resets itself' : 'can be held in against a fault').'.',
                        'Fit a trip-free breaker that is reset by hand.', Patch::set("feed:{$feed->id}", $wrong), []);
                }
            }
        }
    }
}
