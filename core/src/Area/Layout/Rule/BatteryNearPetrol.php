<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class BatteryNearPetrol implements Rule
{
    /** m */
    public const APART = 0.3;

    public function text(): RuleText
    {
        return new RuleText('B24', [Level::Warn], 'a battery stands within 0.3 m of a petrol fitting without a shield',
            'a spark at a post lights what leaks', 'ABYC E-10', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $fuel = $solved->plan->boat->fuel;
        foreach ($fuel === 'petrol' ? $solved->plan->batteries : [] as $battery) {
            $distance = $battery->petrolFitting;
            if ($distance === null) {
                yield new Unchecked($this->text(), "battery:{$battery->id}", 'petrol_fitting_m');
            } elseif ($distance < self::APART - 1e-9 && ! $battery->petrolShield) {
                yield new Finding($this->text(), Level::Warn, "battery:{$battery->id}",
                    "{$solved->called($battery)} stands {$solved->words->short($distance)} from a petrol fitting; {$solved->words->short(self::APART)} are needed, or a shield.",
                    'Fit a shield between them, or move the battery.', Patch::set(
                        "battery:{$battery->id}",
                        ['petrol_shield' => true],
                    ), ['distance_m' => $distance, 'limit_m' => self::APART]);
            }
        }
    }
}
