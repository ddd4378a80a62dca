<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\RuleText;

/** That nothing flows to a metal hull that nothing is joined to: asked once no bank shows volts to it, for a meter in amps is a short. */
final readonly class LeakageRead implements PassedByReason
{
    /** mA that a good meter shows at the most where nothing flows [common practice, no source] */
    private const NONE = 1.0;

    public function text(): RuleText
    {
        return (new HullVolts)->text();
    }

    public function asks(): Proof
    {
        return Proof::Reading;
    }

    public function readings(): array
    {
        return ['mA, plus to hull', 'mA, minus to hull'];
    }

    public function statement(): string
    {
        return 'Nothing flows to the hull, from plus or from minus.';
    }

    public function lacks(Evidence $evidence): ?string
    {
        if (count($evidence->readings) !== count($this->readings())) {
            return 'It takes two readings, with everything switched on: plus to hull, and minus to hull.';
        }
        [$plus, $minus] = array_map(abs(...), $evidence->readings);

        return match (true) {
            $plus > self::NONE => 'Current flows between plus and the hull: somewhere a minus touches it. Switch off circuit by circuit until it stops.',
            $minus > self::NONE => 'Current flows between minus and the hull: somewhere a plus touches it. Switch off circuit by circuit until it stops.',
            default => null,
        };
    }
}
