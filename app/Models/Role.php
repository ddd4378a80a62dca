<?php

declare(strict_types=1);

namespace App\Models;

/** What a person may do in the shop. */
enum Role: string
{
    case Owner = 'owner';
    case Rigger = 'rigger';
    /** reads, records readings, changes no plan */
    case Apprentice = 'apprentice';

    public function changesPlans(): bool
    {
        return $this !== self::Apprentice;
    }

    /** Whether it keeps what every boat of the shop is judged and built by: people, house rules, catalogue. */
    public function runsShop(): bool
    {
        return $this === self::Owner;
    }
}
