<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\HandChange;
use App\Models\Job;
use App\Models\User;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/**
 * Whose hand a phone is in: that of whoever signed in, until somebody else of the shop takes it with four digits. It counts for
 * the record of the work alone; every change is logged.
 */
final readonly class Hands
{
    private const KEY = 'hands';

    /** Wrong codes for one person, whoever tries, until it is too many for a quarter of an hour. */
    private const TRIES = 5;

    private const PAUSE = 900;

    public function __construct(private Session $session, private User $signedIn)
    {
    }

    public function now(): User
    {
        $hand = $this->session->get(self::KEY);
        if (! is_array($hand) || ! isset($hand['person'], $hand['code'])) {
            return $this->signedIn;
        }
        $person = User::query()->where('shop_id', $this->signedIn->shop_id)->find($hand['person']);

        // A code that is another since then ends it, as the end of the sign-in does.
        return $person !== null && $person->hands_code === $hand['code'] ? $person : $this->signedIn;
    }

    /** @throws TooManyTries */
    public function take(Job $job, User $person, string $code): bool
    {
        $key = "hands {$person->id}";
        RateLimiter::tooManyAttempts($key, self::TRIES) && throw new TooManyTries(RateLimiter::availableIn($key));
        if ($person->hands_code === null || ! Hash::check($code, $person->hands_code)) {
            RateLimiter::hit($key, self::PAUSE);

            return false;
        }
        RateLimiter::clear($key);
        $this->session->put(self::KEY, ['person' => $person->id, 'code' => $person->hands_code]);
        $this->log($job, $person);

        return true;
    }

    /** Back to whoever signed in. */
    public function giveBack(Job $job): void
    {
        $this->session->forget(self::KEY);
        $this->log($job, $this->signedIn);
    }

    private function log(Job $job, User $person): void
    {
        HandChange::query()->create(['job_id' => $job->id, 'user_id' => $person->id, 'signed_in_id' => $this->signedIn->id, 'changed_at' => now()]);
    }
}
