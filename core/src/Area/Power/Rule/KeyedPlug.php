<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class KeyedPlug implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D05', [Level::Note], 'a device has a keyed plug',
            'bent pins cannot be mended: offer it straight, never twist', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->devices as $device) {
            if ($device->keyedPlug) {
                yield new Finding($this->text(), Level::Note, $device->on(), "{$device->label()} has a keyed plug.",
                    'Turn it until the key meets, push it in straight, then tighten the collar by hand.', null, []);
            }
        }
    }
}
