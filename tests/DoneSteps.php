<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
use App\Models\User;
use App\Models\WorkEntry;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Steps;
use Illuminate\Support\Str;

/** Work as it stands when everything is done that one step needs, and what that needs. */
final class DoneSteps
{
    public static function before(Job $job, string $step): void
    {
        $plan = $job->plan ?? throw new \LogicException('There is a plan.');
        $steps = $job->boat->customer->shop->evaluate($job->judged($plan))->boat->figures(Steps::class);
        $wanted = [];
        for ($open = [$steps->find($step) ?? throw new \LogicException("No step {$step}.")]; $open !== [];) {
            $next = array_pop($open);
            $wanted[$next->id] = true;
            array_push($open, ...array_filter(array_map($steps->find(...), $next->needs), static fn (?Step $need): bool => $need !== null && ! isset($wanted[$need->id])));
        }
        $rigger = User::query()->where('email', 'rigger@fernhollow.example')->firstOrFail()->id;
        foreach ($steps->all as $one) {
            if (isset($wanted[$one->id]) && $one->id !== $step) {
                WorkEntry::query()->create(['job_id' => $job->id, 'entry' => (string) Str::uuid(), 'user_id' => $rigger, 'signed_in_id' => $rigger, 'step' => $one->id, 'act' => 'done', 'work' => $one->work(), 'says' => $one->says, 'content' => [], 'sent' => str_repeat('0', 64), 'done_at' => now(), 'kept_at' => now()]);
            }
        }
    }
}
