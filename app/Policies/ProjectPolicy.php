<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Project;
use App\Models\User;

/** Who may do what with a project, its options and its links. */
final class ProjectPolicy
{
    public function view(User $user, Project $project): bool
    {
        return $this->own($user, $project);
    }

    public function create(User $user): bool
    {
        return $user->role->designs();
    }

    public function update(User $user, Project $project): bool
    {
        return $this->own($user, $project) && $user->role->designs();
    }

    public function inspect(User $user, Project $project): bool
    {
        return $this->own($user, $project) && $user->role->inspects();
    }

    /** A hold point is passed by owner, designer, or whoever of the crew leads. */
    public function pass(User $user, Project $project): bool
    {
        return $this->own($user, $project) && $user->passes();
    }

    /** What is gone for good can't be had back, so only an owner does it. */
    public function purge(User $user, Project $project): bool
    {
        return $this->own($user, $project) && $user->role->owns();
    }

    private function own(User $user, Project $project): bool
    {
        return $user->firm_id === $project->firm_id;
    }
}
