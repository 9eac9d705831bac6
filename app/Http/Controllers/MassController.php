<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\TellMass;
use App\Models\Option;
use App\Models\Project;
use App\Support\Content;
use App\Support\Download;
use App\Support\Masses;
use App\Support\Reading;
use App\View\MassData;
use App\View\MassPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Ondergrond\Assessor;
use Ondergrond\Exchange\MassFile;

/** What one option's floor stores, how long it lasts, what heats it; beside another's where that is asked for. */
final readonly class MassController
{
    public function __construct(private Masses $masses, private Reading $reading) {}

    public function show(Project $project, Option $option, Request $request): View
    {
        $project->load('options');
        $format = $this->reading->formatter($project);
        $other = $project->options->firstWhere('id', $request->integer('beside'));
        $other = $other?->id === $option->id ? null : $other;

        return view('mass.show', [
            'project' => $project,
            'option' => $option,
            'other' => $other,
            'format' => $format,
            'mass' => $this->page($project, $option, true),
            'beside' => $other === null ? null : $this->page($project, $other, true),
        ]);
    }

    /** For the bench: 202 until it is simulated. */
    public function core(Project $project, Option $option): Response
    {
        $page = $this->page($project, $option, false);

        return new Response(view('section.mass', ['mass' => $page, 'whole' => route('mass.show', [$project, $option])])->render(), $page->isTold() ? 200 : 202);
    }

    /** The hours behind an answer, in the reader's units, for the page's plots. */
    public function hours(Project $project, Option $option, string $question): JsonResponse
    {
        $hours = $this->masses->hours($project, $option, $question);
        abort_if($hours === null && $this->masses->known($project, $option) !== null, 404);
        if ($hours === null) {
            $this->ask($project, $option, true);
        }

        return new JsonResponse($hours === null ? null : MassData::of($hours, $this->reading->formatter($project)), $hours === null ? 202 : 200);
    }

    public function csv(Project $project, Option $option, string $question): Response
    {
        $answer = Assessor::answer($project->site, $option->design, $question) ?? abort(404);

        return Download::of(MassFile::csv($answer->runs[array_key_first($answer->runs)], $question === 'year'), 'text/csv; charset=UTF-8', "{$project->name} {$question}", 'csv');
    }

    private function page(Project $project, Option $option, bool $whole): MassPage
    {
        $known = $this->masses->known($project, $option) ?? ($whole ? null : $this->masses->cold($project, $option));
        if ($known === null) {
            $this->ask($project, $option, $whole);
        }

        return MassPage::of($project, $option, $known, $this->reading->formatter($project));
    }

    private function ask(Project $project, Option $option, bool $whole): void
    {
        TellMass::dispatch($option->id, Content::hash($project, $option), $whole);
    }
}
