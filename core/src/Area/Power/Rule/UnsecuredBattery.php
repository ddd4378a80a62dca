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

final readonly class UnsecuredBattery implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B08', [Level::Warn], 'no restraint, or a positive post without a boot',
            'a battery must not move more than 25 mm (1 in) under 400 N (90 lbf), and what falls on a bare post welds itself to it', 'ABYC E-10', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->batteries as $battery) {
            foreach (['restrained' => $battery->restrained, 'booted' => $battery->booted] as $field => $there) {
                if ($there === null) {
                    yield new Unchecked($this->text(), "battery:{$battery->id}", $field);
                } elseif (! $there) {
                    yield new Finding($this->text(), Level::Warn, "battery:{$battery->id}",
                        $field === 'restrained' ? "{$solved->called($battery)} is not held down." : "The positive post of {$solved->called($battery)} has no boot.",
                        $field === 'restrained' ? 'Fit a tray with a strap or a clamp that holds 400 N (90 lbf).' : 'Put a boot over it.',
                        Patch::set("battery:{$battery->id}", [$field => true]), []);
                }
            }
        }
    }
}
