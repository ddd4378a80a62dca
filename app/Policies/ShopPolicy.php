<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** What is the owner's alone: people, house rules, catalogue. */
final class ShopPolicy
{
    public function run(User $user, Shop $shop): Response
    {
        return match (true) {
            $shop->id !== $user->shop_id => Response::denyAsNotFound(),
            $user->role->runsShop() => Response::allow(),
            default => Response::deny('Not kept: only the owner of the shop changes this.'),
        };
    }
}
