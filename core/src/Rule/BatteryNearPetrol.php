<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\Patch;

final readonly class BatteryNearPetrol implements Rule
{
    /** m */
    public const APART = 0.3;

    public function text(): RuleText
    {
        return new RuleText('B24', [Level::Warn], 'a battery stands within 0.3 m of a petrol fitting without a shield',
            'a spark at a post lights what leaks', 'ABYC E-10', SourceKind::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        $fuel = $assessment->plan->boat->fuel;
        foreach ($fuel === 'petrol' ? $assessment->plan->batteries : [] as $battery) {
            $distance = $battery->petrolFitting;
            if ($distance === null) {
                yield new Unchecked('B24', "battery:{$battery->id}", 'petrol_fitting_m');
            } elseif ($distance < self::APART - 1e-9 && ! $battery->petrolShield) {
                yield new Finding($this->text(), Level::Warn, "battery:{$battery->id}",
                    "Battery {$battery->id} stands {$assessment->words->short($distance)} from a petrol fitting; {$assessment->words->short(self::APART)} are needed, or a shield.",
                    'Fit a shield between them, or move the battery.', Patch::set("battery:{$battery->id}", ['petrol_shield' => true]), ['distance_m' => $distance, 'limit_m' => self::APART]);
            }
        }
    }
}
