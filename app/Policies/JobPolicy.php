<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;

/** Who may do what with a work order: everybody in its shop reads, records readings and photographs; apprentices change no plan. */
final class JobPolicy
{
    public function view(User $user, Job $job): bool
    {
        return $job->boat->customer->shop_id === $user->shop_id;
    }

    public function create(User $user): bool
    {
        return $user->role->changesPlans();
    }

    public function changePlan(User $user, Job $job): bool
    {
        return $this->view($user, $job) && $user->role->changesPlans();
    }

    /** Whoever is at the boat photographs it. */
    public function photograph(User $user, Job $job): bool
    {
        return $this->view($user, $job);
    }

    public function recordReading(User $user, Job $job): bool
    {
        return $this->view($user, $job);
    }
}
