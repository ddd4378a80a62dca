<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** What is the owner's alone: people, house rules, catalogue. */
final class ShopPolicy
{
    /** Whoever rigs counts, prices and orders. */
    public function keepStock(User $user, Shop $shop): Response
    {
        return match (true) {
            $shop->id !== $user->shop_id => Response::denyAsNotFound(),
            $user->role->changesPlans() => Response::allow(),
            default => Response::deny('Not kept: apprentices change nothing on the shelf. Ask a rigger or the owner of your shop.'),
        };
    }

    public function run(User $user, Shop $shop): Response
    {
        return match (true) {
            $shop->id !== $user->shop_id => Response::denyAsNotFound(),
            $user->role->runsShop() => Response::allow(),
            default => Response::deny('Not kept: only the owner of the shop changes this.'),
        };
    }
}
