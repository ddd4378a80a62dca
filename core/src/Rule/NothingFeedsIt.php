<?php

declare(strict_types=1);

namespace Dinghy\Rule;

final readonly class NothingFeedsIt implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D08', [Level::Note], 'no feed and no fed branch leads to a device',
            'no rule can say anything of its supply', 'computed', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->devices as $device) {
            if ($assessment->wiring->pathsTo($device) === []) {
                yield new Finding($this->text(), Level::Note, "device:{$device->id}", "Nothing feeds {$device->label()}.",
                    'Give it a branch of a fuse block or a feed of its own.', null, []);
            }
        }
    }
}
