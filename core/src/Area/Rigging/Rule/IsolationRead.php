<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Metering\HandMeter;
use Dinghy\Rule\RuleText;

/** Ohms between a metal hull that another bank is joined to and the minus of each bank that is not: a meter in amps would say nothing there. */
final readonly class IsolationRead implements PassedByReason
{
    /** @param  list<string>  $banks  as people call them */
    public function __construct(private array $banks = [])
    {
    }

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
        return array_map(static fn (string $bank): string => "Ω, minus of {$bank} to hull", $this->banks);
    }

    public function statement(): string
    {
        return 'No bank but the one that is joined to the hull touches it.';
    }

    public function lacks(Evidence $evidence): ?string
    {
        if (count($evidence->readings) !== count($this->banks)) {
            return 'It takes the ohms of every bank that is not joined to the hull: its minus to bare metal.';
        }
        foreach ($this->banks as $at => $bank) {
            if (abs($evidence->readings[$at]) < HandMeter::OPEN) {
                return "Something joins minus of {$bank} to the hull as well: two joins carry current through the hull. Find it.";
            }
        }

        return null;
    }
}
