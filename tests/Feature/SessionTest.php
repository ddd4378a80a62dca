<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Providers\AppServiceProvider;
use Database\Seeders\DatabaseSeeder;
use Tests\TestCase;

final class SessionTest extends TestCase
{
    public function test_signs_in_and_out(): void
    {
        $answer = $this->postJson('/api/session', ['email' => 'rigger@fernhollow.example', 'password' => DatabaseSeeder::PASSWORD]);
        $answer->assertOk()->assertJson(['role' => 'rigger', 'shop' => 'Fernhollow Slip']);
        ApiContract::assertMet('POST', '/api/session', 200, (string) $answer->getContent());
        $this->assertAuthenticated();
        $this->deleteJson('/api/session')->assertNoContent();
        $this->assertGuest();
    }

    public function test_a_wrong_password_is_told_without_saying_which_was_wrong(): void
    {
        $known = $this->postJson('/api/session', ['email' => 'rigger@fernhollow.example', 'password' => 'no'])->assertUnprocessable();
        $unknown = $this->postJson('/api/session', ['email' => 'nobody@fernhollow.example', 'password' => 'no'])->assertUnprocessable();
        self::assertSame($known->json('message'), $unknown->json('message'));
        $this->postJson('/api/session', [])->assertUnprocessable()->assertJsonFragment(['Password is missing.']);
    }

    public function test_tries_are_counted(): void
    {
        for ($try = 0; $try < AppServiceProvider::SIGN_IN_TRIES; $try++) {
            $this->postJson('/api/session', ['email' => 'owner@fernhollow.example', 'password' => 'no'])->assertUnprocessable();
        }
        $this->postJson('/api/session', ['email' => 'owner@fernhollow.example', 'password' => DatabaseSeeder::PASSWORD])->assertTooManyRequests();
        $this->assertGuest();
    }
}
