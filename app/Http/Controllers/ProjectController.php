<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\ServerZone;
use App\Forms\NewProject;
use App\Forms\Reader;
use App\Forms\Word;
use App\Later\Words;
use App\Models\Project;
use App\Models\User;
use App\View\FamilyCard;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Assessor;
use Ondergrond\Design\Families\Families;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Soil;
use Ondergrond\Site\TimeZones;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

final class ProjectController
{
    private const ON_A_PAGE = 20;

    private const LONGEST_SEARCH = 120;

    public function index(Request $request, Reader $reading, Words $words): View
    {
        $sought = mb_substr(trim(Word::of($request, 'find')), 0, self::LONGEST_SEARCH);
        $projects = User::current()->firm->projects()
            ->when($sought !== '', static fn ($query) => $query->whereRaw('instr(lower(name), lower(?)) > 0', [$sought]))
            ->with(['leadingOption.ownPlan', 'leadingOption.drawnLayout', 'drawnPlan'])->withCount('options')
            ->latest('updated_at')->orderByDesc('id')
            ->simplePaginate(self::ON_A_PAGE)->withQueryString();

        $of = $projects->getCollection()->map(static function (Project $p): array {
            $option = $p->leadingOption ?? $p->leading();

            return [$p, $option, Assessor::formulas($p->site, $option->design)];
        })->all();
        $rulings = $words->of($of);

        return view('projects.index', [
            'projects' => $projects,
            'sought' => $sought,
            'rows' => collect($of)->map(static fn (array $one, int $i): array => [
                'project' => $p = $one[0],
                'option' => $one[1],
                'family' => Families::find($one[1]->design->family)?->label() ?? $one[1]->design->family,
                'heat' => $one[2],
                'rulings' => $rulings[$i],
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
            'families' => FamilyCard::all($reading->system()),
        ]);
    }

    /** What two typed sides come to, a line for the starting page. */
    public function floor(Request $request, Reader $reading): Response
    {
        $system = UnitSystem::tryFrom(Word::of($request, 'units')) ?? $reading->system();
        $format = new QuantityFormatter($system, $reading->formatter()->mark);
        try {
            $footprint = NewProject::footprint(['footprint' => ['sides' => Word::of($request, 'sides')]], $format);
        } catch (ValidationException $e) {
            return response(implode(' ', array_merge(...array_values($e->errors()))), Response::HTTP_UNPROCESSABLE_ENTITY)
                ->header('Content-Type', 'text/plain; charset=utf-8');
        }

        return response($format->format($footprint->area, Quantity::Area).', outline '
            .$format->format($footprint->perimeter, Quantity::Length))->header('Content-Type', 'text/plain; charset=utf-8');
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
