<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Lock;
use App\Models\Option;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** What was put away and can be had back. */
final class TrashController
{
    public function index(): View
    {
        $firm = User::current()->firm;

        return view('trash', [
            'projects' => $firm->projects()->onlyTrashed()->withCount('options')->latest('deleted_at')->get(),
            'options' => Option::onlyTrashed()->whereHas(
                'project',
                static fn ($query) => $query->where('firm_id', $firm->id),
            )->with('project')->latest('deleted_at')->get(),
        ]);
    }

    public function restoreProject(Project $project): RedirectResponse
    {
        $project->restore();

        return redirect()->route('projects.index')->with('said', "“{$project->name}” is back.");
    }

    public function restoreOption(Project $project, Option $option): RedirectResponse
    {
        Lock::on($project, static function () use ($project, $option): void {
            if ($project->options()->count() >= Project::MOST_OPTIONS) {
                throw ValidationException::withMessages(
                    ['option' => 'Allowed: up to '.Project::MOST_OPTIONS.' options in a project. Put another in the trash first.'],
                );
            }
            $option->position = (int) $project->options()->max('position') + 1;
            $option->restore();
        });

        return redirect()->route('options.index', $project)->with('said', "“{$option->name}” is back, as the last one.");
    }

    public function purgeProject(Project $project): RedirectResponse
    {
        // What stands in use goes through the trash first.
        abort_unless($project->trashed(), 404);
        $project->forceDelete();

        return redirect()->route('trash.index')->with('said', "“{$project->name}” is gone for good.");
    }

    public function purgeOption(Project $project, Option $option): RedirectResponse
    {
        abort_unless($option->trashed(), 404);
        $option->forceDelete();

        return redirect()->route('trash.index')->with('said', "“{$option->name}” is gone for good.");
    }
}
