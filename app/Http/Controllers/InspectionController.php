<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Forms\TypedInspection;
use App\Models\InspectionRecord;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Inspection\Diagnosis;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Site\TimeZones;

/** Damp places of a project: what was seen and measured there, and what it points to. Whoever sees the project may keep what they find. */
final readonly class InspectionController
{
    /** Of those that were taken out, as many can be had back. */
    private const MOST_OUT = 50;

    public function __construct(private Reader $reading) {}

    public function index(Project $project): View
    {
        return view('inspections.index', [
            'project' => $project,
            'records' => $project->inspections,
            'out' => $project->inspections()->onlyTrashed()->latest('deleted_at')->limit(self::MOST_OUT)->get(),
            'said' => $project->inspections->map(static fn (InspectionRecord $r): Diagnosis => Diagnosis::of($r->seen)),
        ]);
    }

    public function create(Project $project): View
    {
        return view(
            'inspections.show',
            [
                ...$this->form($project, new Inspection('', TimeZones::day(now(), $project->site->timeZone))),
                'record' => null,
                'diagnosis' => null,
            ],
        );
    }

    public function show(Project $project, InspectionRecord $inspection): View
    {
        return view(
            'inspections.show',
            [...$this->form($project, $inspection->seen), 'record' => $inspection, 'diagnosis' => Diagnosis::of($inspection->seen)],
        );
    }

    public function store(Project $project, Request $request): RedirectResponse
    {
        $this->refuseTooMany($project);
        $record = $project->inspections()->create(['seen' => $this->typed($project, $request)]);

        return redirect()->route('inspections.show', [$project, $record])->with('said', 'Kept. What it points to stands below.');
    }

    public function update(Project $project, InspectionRecord $inspection, Request $request): RedirectResponse
    {
        $inspection->update(['seen' => $this->typed($project, $request)]);

        return redirect()->route('inspections.show', [$project, $inspection])->with('said', 'Kept. What it points to stands below.');
    }

    public function destroy(Project $project, InspectionRecord $inspection): RedirectResponse
    {
        $inspection->delete();

        return redirect()->route('inspections.index', $project)->with(
            'said', "“{$inspection->seen->place}” is taken out. It stands below and can be put back.",
        );
    }

    public function restore(Project $project, InspectionRecord $inspection): RedirectResponse
    {
        $this->refuseTooMany($project);
        $inspection->restore();

        return redirect()->route('inspections.index', $project)->with('said', "“{$inspection->seen->place}” is back.");
    }

    private function refuseTooMany(Project $project): void
    {
        if ($project->inspections()->count() >= InspectionRecord::MOST) {
            throw ValidationException::withMessages(
                ['place' => 'A project holds '.InspectionRecord::MOST.' inspections. Take one out first.'],
            );
        }
    }

    private function typed(Project $project, Request $request): Inspection
    {
        return TypedInspection::of($request, $this->reading->written($request, $project), User::current()->name);
    }

    /** @return array<string, mixed> */
    private function form(Project $project, Inspection $seen): array
    {
        return ['project' => $project, 'seen' => $seen, 'format' => $this->reading->formatter($project)];
    }
}
