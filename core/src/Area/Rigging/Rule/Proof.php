<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

/** What passes a hold. */
enum Proof: string
{
    case Reading = 'reading';
    case Photo = 'photo';
    case Signature = 'signature';
    case Tick = 'tick';
}
