<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Project;
use App\Support\Fields;
use App\Support\Masses;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Solves the fields of a project's options that nobody has solved yet, and cools their rooms, so that they can be compared. */
final class SolveFields implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 1800;

    /** Should the worker be ended meanwhile, it may be asked again after so long, s. */
    public int $uniqueFor = 60;

    public function __construct(private readonly int $project) {}

    public function uniqueId(): string
    {
        return (string) $this->project;
    }

    public function handle(Fields $fields, Masses $masses): void
    {
        $project = Project::query()->with('options')->find($this->project);
        if ($project === null) {
            return;
        }
        foreach ($project->options as $option) {
            $fields->solved($project, $option);
            $masses->cooled($project, $option);
        }
    }
}
