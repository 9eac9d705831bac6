<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use App\Support\CurrentUnits;
use App\Support\NewProject;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ondergrond\Assessor;
use Ondergrond\Design\Families\Families;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Soil;

final class ProjectController
{
    public function index(CurrentUnits $units): View
    {
        $projects = Project::query()->with('options')->latest('updated_at')->orderByDesc('id')->get();

        return view('projects.index', [
            'rows' => $projects->map(static fn (Project $p): array => [
                'project' => $p,
                'option' => $p->leading(),
                'assessment' => Assessor::assess($p->site, $p->leading()->design),
            ]),
            'format' => $units->formatter(),
        ]);
    }

    public function create(CurrentUnits $units): View
    {
        return view('projects.create', [
            'format' => $units->formatter(),
            'system' => $units->system(),
            'climates' => ClimateSamples::all(),
            'soils' => Soil::cases(),
            'families' => Families::all(),
        ]);
    }

    public function store(Request $request, CurrentUnits $units): RedirectResponse
    {
        $project = NewProject::from($request->all());
        $units->choose($project->units);

        return redirect()->route('section.show', Project::store($project));
    }

    public function destroy(Project $project): RedirectResponse
    {
        $project->delete();

        return redirect()->route('projects.index')->with('said', "“{$project->name}” is deleted.");
    }
}
