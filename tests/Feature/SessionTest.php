<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\EndedSession;
use App\Models\Shop;
use App\SignIn\PasswordLink;
use App\SignIn\SignIn;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Hashing\HashManager;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
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

    public function test_failures_are_counted_and_successes_are_not(): void
    {
        for ($try = 0; $try < 2 * SignIn::TRIES_ACCOUNT; $try++) {
            $this->signIn('owner@fernhollow.example', DatabaseSeeder::PASSWORD)->assertOk();
            $this->deleteJson('/api/session');
        }
        for ($try = 0; $try < SignIn::TRIES_ACCOUNT; $try++) {
            $this->signIn('owner@fernhollow.example', 'no')->assertUnprocessable();
        }
        $refused = $this->signIn('owner@fernhollow.example', DatabaseSeeder::PASSWORD)->assertTooManyRequests();
        ApiContract::assertMet('POST', '/api/session', 429, (string) $refused->getContent());
        self::assertStringContainsString('Too many sign-ins have failed. Wait', (string) $refused->json('message'));
        $this->assertGuest();
        $this->signIn('OWNER@Fernhollow.example', DatabaseSeeder::PASSWORD)->assertTooManyRequests();
        $this->signIn('rigger@fernhollow.example', DatabaseSeeder::PASSWORD)->assertOk();
        $this->travel(61)->seconds();
        $this->signIn('owner@fernhollow.example', DatabaseSeeder::PASSWORD)->assertOk();
    }

    /** One place cannot go through all accounts, existing or not; another place is not kept out by it. */
    public function test_failures_of_one_place_are_counted_over_all_accounts(): void
    {
        for ($try = 0; $try < SignIn::TRIES_PLACE; $try++) {
            $this->signIn("nobody{$try}@fernhollow.example", 'no')->assertUnprocessable();
        }
        $this->signIn('rigger@fernhollow.example', DatabaseSeeder::PASSWORD)->assertTooManyRequests();
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7']);
        $this->signIn('rigger@fernhollow.example', DatabaseSeeder::PASSWORD)->assertOk();
    }

    /** RFC 7239's forerunner counts where a proxy that is trusted says it, and nowhere else. */
    public function test_behind_a_proxy_its_word_counts(): void
    {
        $from = fn (string $address): TestResponse => $this->signIn('nobody@fernhollow.example', 'no', ['X-Forwarded-For' => $address]);
        for ($try = 0; $try < SignIn::TRIES_ACCOUNT; $try++) {
            $from("198.51.100.{$try}")->assertUnprocessable();
        }
        $from('198.51.100.99')->assertTooManyRequests(); // nobody vouched for these addresses
        TrustProxies::at(['127.0.0.1']);
        try {
            $from('198.51.100.99')->assertUnprocessable();
        } finally {
            TrustProxies::flushState();
        }
    }

    /** @param  string  $address  that looks like the owner's */
    #[DataProvider('lookalikes')]
    public function test_an_address_that_only_looks_like_another_is_another(string $address): void
    {
        $this->signIn($address, DatabaseSeeder::PASSWORD)->assertUnprocessable();
        $this->assertGuest();
    }

    /** @return list<array{string}> */
    public static function lookalikes(): array
    {
        return [['ównér@fernhollow.example'], ['öwner@fernhollow.example'], ['ｏwner@fernhollow.example'], ["owner\u{301}@fernhollow.example"], ["own\u{200B}er@fernhollow.example"], ['оwner@fernhollow.example']];
    }

    public function test_an_address_is_taken_in_any_case(): void
    {
        $this->signIn('RIGGER@FernHollow.example', DatabaseSeeder::PASSWORD)->assertOk()->assertJson(['role' => 'rigger']);
    }

    /** A hash is checked in either case: an account that there is not costs what one costs that there is. */
    public function test_an_unknown_account_takes_as_much_work(): void
    {
        $hasher = new class((new HashManager($this->app ?? self::fail('There is an application.')))->driver()) implements Hasher
        {
            /** @var list<array<mixed>> */
            public array $checked = [];

            public function __construct(private readonly Hasher $real)
            {
            }

            public function check($value, $hashedValue, array $options = []): bool
            {
                $this->checked[] = password_get_info($hashedValue);

                return $this->real->check($value, $hashedValue, $options);
            }

            public function info($hashedValue): array
            {
                return $this->real->info($hashedValue);
            }

            public function make($value, array $options = []): string
            {
                return $this->real->make($value, $options);
            }

            public function needsRehash($hashedValue, array $options = []): bool
            {
                return $this->real->needsRehash($hashedValue, $options);
            }
        };
        Hash::swap($hasher);
        $this->signIn('rigger@fernhollow.example', 'no')->assertUnprocessable();
        $this->signIn('nobody@fernhollow.example', 'no')->assertUnprocessable();
        self::assertCount(2, $hasher->checked);
        self::assertSame($hasher->checked[0], $hasher->checked[1]);
    }

    public function test_a_failure_is_logged_without_what_was_typed(): void
    {
        Log::spy();
        $this->signIn('rigger@fernhollow.example', 'my other password')->assertUnprocessable();
        Log::shouldHaveReceived('warning')->once()->withArgs(fn (string $words, array $context): bool => $context === ['from' => '127.0.0.1', 'user' => $this->person('rigger')->id] && ! str_contains($words, 'other'));
    }

    public function test_a_changed_password_ends_every_other_sign_in(): void
    {
        $this->signIn('rigger@fernhollow.example', DatabaseSeeder::PASSWORD)->assertOk();
        $this->putJson('/api/password', ['current' => 'wrong', 'password' => 'a longer one than that'])->assertUnprocessable()->assertJson(['message' => 'Not kept: that is not your present password.']);
        $this->putJson('/api/password', ['current' => DatabaseSeeder::PASSWORD, 'password' => 'short'])->assertUnprocessable();
        $this->getJson('/api/session')->assertOk();
        $elsewhere = [EndedSession::KEY => $this->person('rigger')->session_generation];
        $this->putJson('/api/password', ['current' => DatabaseSeeder::PASSWORD, 'password' => 'a longer one than that'])->assertNoContent();
        $this->getJson('/api/session')->assertOk();
        $this->actingAs($this->person('rigger'))->withSession($elsewhere)->getJson('/api/session')->assertUnauthorized();
        $this->signIn('rigger@fernhollow.example', DatabaseSeeder::PASSWORD)->assertUnprocessable();
        $this->signIn('rigger@fernhollow.example', 'a longer one than that')->assertOk();
    }

    public function test_the_owner_ends_sign_ins_and_sees_who_there_is(): void
    {
        $rigger = $this->person('rigger');
        $people = $this->actingAs($this->person('owner'))->getJson('/api/people')->assertOk();
        ApiContract::assertMet('GET', '/api/people', 200, (string) $people->getContent());
        self::assertSame(['Ilka Marrend', 'Jorun Tellvik', 'Pim Osterhay'], array_column((array) $people->json('people'), 'name'));
        $this->deleteJson("/api/people/{$rigger->id}/sessions")->assertNoContent();
        $this->deleteJson("/api/people/{$this->stranger()->id}/sessions")->assertNotFound();
        $this->flushSession();
        $this->actingAs($this->person('rigger'))->withSession([EndedSession::KEY => $rigger->session_generation])->getJson('/api/session')->assertUnauthorized();
    }

    public function test_a_shop_is_made_with_a_link_that_sets_a_password_once(): void
    {
        self::assertSame(0, Artisan::call('dinghy:shop', ['name' => 'Reed Quay', '--owner' => 'Wen@reedquay.example', '--address' => 'https://dinghy.example/']));
        self::assertSame(1, preg_match('~https://dinghy\.example/set-password#(\w{48})\n~', Artisan::output(), $link));
        $this->signIn('wen@reedquay.example', DatabaseSeeder::PASSWORD)->assertUnprocessable();
        $set = fn (string $token, string $password): TestResponse => $this->postJson('/api/password-links', ['token' => $token, 'password' => $password]);
        $set($link[1], 'short')->assertUnprocessable();
        $set('another', 'quay and reeds and all')->assertUnprocessable();
        $set($link[1], 'quay and reeds and all')->assertNoContent();
        self::assertStringContainsString('this link was used', (string) $set($link[1], 'somebody else\'s now')->assertUnprocessable()->json('message'));
        $this->signIn('wen@reedquay.example', 'quay and reeds and all')->assertOk()->assertJson(['role' => 'owner', 'shop' => 'Reed Quay']);
        foreach ([['name' => 'Second', '--owner' => 'wen@reedquay.example'], ['name' => ' ', '--owner' => 'a@b.example'], ['name' => 'Second', '--owner' => 'wén@b.example'], ['name' => 'Second']] as $wrong) {
            self::assertSame(2, Artisan::call('dinghy:shop', $wrong));
        }
        self::assertSame(2, Shop::query()->count());
    }

    public function test_a_link_ends_in_time(): void
    {
        $token = PasswordLink::for($this->person('apprentice'));
        $this->travel(PasswordLink::HOURS)->hours();
        $this->travel(1)->seconds();
        $this->postJson('/api/password-links', ['token' => $token, 'password' => 'too late for this one'])->assertUnprocessable();
    }

    /** @param  array<string, string>  $headers */
    private function signIn(string $email, string $password, array $headers = []): TestResponse
    {
        return $this->postJson('/api/session', ['email' => $email, 'password' => $password], $headers);
    }
}
