<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Http\Download;
use App\Later\Hours;
use App\Later\Kind;
use App\Later\Later;
use App\Models\Option;
use App\Models\Project;
use App\View\MassData;
use App\View\MassPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Ondergrond\Assessor;
use Ondergrond\Exchange\MassFile;
use Ondergrond\Rules\Concern;

/** What one option's floor stores, how long it lasts, what heats it; beside another's where that is asked for. */
final readonly class MassController
{
    public function __construct(private Hours $hours, private Later $later, private Reader $reading) {}

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
            'mass' => $this->page($project, $option),
            'beside' => $other === null ? null : $this->page($project, $other),
        ]);
    }

    /** The hours behind an answer, in the reader's units, for the page's plots. */
    public function hours(Project $project, Option $option, string $question): JsonResponse
    {
        $hours = $this->hours->hours($project, $option, $question);
        abort_if($hours === null && $this->hours->isWhole($project, $option), 404);
        if ($hours === null) {
            $this->later->ask(Kind::Story, $project, $option);
        }

        return new JsonResponse(
            $hours === null ? null : MassData::of($hours, $this->reading->formatter($project)),
            $hours === null ? 202 : 200,
        );
    }

    public function csv(Project $project, Option $option, string $question): Response
    {
        $answer = Assessor::answer($project->site, $option->design, $question) ?? abort(404);

        return Download::of(
            MassFile::csv($answer->runs[array_key_first($answer->runs)], $question === 'year'),
            'text/csv; charset=UTF-8',
            "{$project->name} {$question}",
            'csv',
        );
    }

    private function page(Project $project, Option $option): MassPage
    {
        $this->later->ask(Kind::Story, $project, $option);

        return new MassPage(
            $project->site, $option->design, $this->hours->soFar($project, $option), $this->reading->formatter($project),
            Assessor::ruling(Concern::Mass, $project->site, $option->design, $project->units, $option->setAside()),
        );
    }
}
