<?php

declare(strict_types=1);

namespace App\Rigging;

use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\Cache;

/** Who is at which step of a boat just now, so that two do not do the same. Nothing stands on it: it goes stale by itself. */
final readonly class Presence
{
    /** s that somebody is taken to be there after the phone last asked */
    private const STAYS = 120;

    /** @param  array<int, array{name: string, step: string, seen: int}>  $there  by person */
    private function __construct(private Job $job, private array $there)
    {
    }

    public static function at(Job $job): self
    {
        /** @var array<int, array{name: string, step: string, seen: int}> $there */
        $there = Cache::get(self::key($job), []);

        return new self($job, array_filter($there, static fn (array $one): bool => $one['seen'] > now()->getTimestamp() - self::STAYS));
    }

    /** @param  string|null  $step  null: at none */
    public function arrives(User $hand, ?string $step): self
    {
        $there = $this->there;
        unset($there[$hand->id]);
        $step === null || $there[$hand->id] = ['name' => $hand->name, 'step' => $step, 'seen' => now()->getTimestamp()];
        Cache::put(self::key($this->job), $there, self::STAYS);

        return new self($this->job, $there);
    }

    /** @return array<string, string> the steps that others are at, by their name */
    public function others(User $hand): array
    {
        $others = array_filter($this->there, static fn (int $person): bool => $person !== $hand->id, ARRAY_FILTER_USE_KEY);

        return array_column($others, 'step', 'name');
    }

    private static function key(Job $job): string
    {
        return "at work {$job->id}";
    }
}
