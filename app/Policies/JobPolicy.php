<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/**
 * Who may do what with a work order: everybody in its shop reads, records readings and photographs; apprentices change
 * no plan.
 */
final class JobPolicy
{
    /** A work order of another shop is answered like one that there is not. */
    public function view(User $user, Job $job): Response
    {
        return $job->boat->customer->shop_id === $user->shop_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function create(User $user): Response
    {
        return $user->role->changesPlans()
            ? Response::allow()
            : Response::deny('Apprentices take no boat in. Ask a rigger or the owner of your shop.');
    }

    public function changePlan(User $user, Job $job): Response
    {
        $seen = $this->view($user, $job);

        return $seen->denied() || $user->role->changesPlans()
            ? $seen
            : Response::deny('Not kept: apprentices change no plan. Ask a rigger or the owner of your shop.');
    }

    /** Whoever is at the boat photographs it. */
    public function photograph(User $user, Job $job): Response
    {
        return $this->view($user, $job);
    }

    /** Whoever works on the boat says what was done; holds are signed by who may change plans. */
    public function recordWork(User $user, Job $job): Response
    {
        return $this->view($user, $job);
    }

    public function recordReading(User $user, Job $job): Response
    {
        return $this->view($user, $job);
    }
}
