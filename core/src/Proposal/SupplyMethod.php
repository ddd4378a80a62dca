<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

/** Where electronics take their power from; riggers disagree. */
enum SupplyMethod: string
{
    case Starting = 'starting';
    case Own = 'own';
    case Pack = 'pack';

    public function label(): string
    {
        return match ($this) {
            self::Starting => 'starting battery',
            self::Own => 'a battery of their own',
            self::Pack => 'a small pack for the live sonar',
        };
    }
}
