<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;

abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;

    protected bool $seed = true;

    protected function person(string $role): User
    {
        return User::query()->where('email', "{$role}@fernhollow.example")->firstOrFail();
    }

    protected function skiff(): Job
    {
        return Job::query()->where('bay', 1)->firstOrFail();
    }

    /** Somebody of another shop, who must see nothing of this one. */
    protected function stranger(): User
    {
        $shop = \App\Models\Shop::query()->create(['name' => 'Elsewhere']);

        return $shop->users()->create(['name' => 'Stranger', 'email' => 'owner@elsewhere.example', 'password' => 'x', 'role' => 'owner']);
    }
}
