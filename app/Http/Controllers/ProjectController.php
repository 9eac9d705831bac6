<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\ServerZone;
use App\Forms\NewProject;
use App\Forms\Reader;
use App\Forms\Word;
use App\Later\Fields;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ondergrond\Assessor;
use Ondergrond\Design\Families\Families;
use Ondergrond\Rules\Concern;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Soil;
use Ondergrond\Site\TimeZones;

final class ProjectController
{
    private const ON_A_PAGE = 20;

    private const LONGEST_SEARCH = 120;

    public function index(Request $request, Reader $reading, Fields $fields): View
    {
        $sought = mb_substr(trim(Word::of($request, 'find')), 0, self::LONGEST_SEARCH);
        $projects = User::current()->firm->projects()
            ->when($sought !== '', static fn ($query) => $query->whereRaw('instr(lower(name), lower(?)) > 0', [$sought]))
            ->with('leadingOption')->withCount('options')
            ->latest('updated_at')->orderByDesc('id')
            ->simplePaginate(self::ON_A_PAGE)->withQueryString();

        $leading = $projects->getCollection()->map(static fn (Project $p): array => [$p, $p->leadingOption ?? $p->leading()]);
        $faces = $fields->faces($leading);

        return view('projects.index', [
            'projects' => $projects,
            'sought' => $sought,
            'rows' => $leading->map(static fn (array $of): array => [
                'project' => $p = $of[0],
                'option' => $option = $of[1],
                'family' => Families::find($option->design->family)?->label() ?? $option->design->family,
                'heat' => $heat = Assessor::formulas($p->site, $option->design),
                'ruling' => Assessor::ruling(
                    Concern::Heat,
                    $p->site,
                    $option->design,
                    $p->units,
                    $option->setAside(),
                    $faces[$option->id] ?? null,
                    heat: $heat,
                ),
                'format' => $reading->formatter($p),
            ]),
        ]);
    }

    public function create(Reader $reading): View
    {
        return view('projects.create', [
            'system' => $reading->system(),
            'zone' => ServerZone::name(),
            'zones' => TimeZones::words(),
            'climates' => ClimateSamples::all(),
            'soils' => Soil::cases(),
            'families' => Families::all(),
        ]);
    }

    public function store(Request $request, Reader $reading): RedirectResponse
    {
        $user = User::current();
        $project = NewProject::from($request->all(), $reading->formatter()->mark);

        return redirect()->route('section.show', Project::store($project, $user->firm, $user->name));
    }

    /** Into the trash, from where it can be had back. */
    public function destroy(Project $project): RedirectResponse
    {
        $project->delete();

        return redirect()->route('projects.index')->with('said', "“{$project->name}” is in the trash.");
    }
}
