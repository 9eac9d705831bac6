<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Later\Costs;
use App\Later\Hours;
use App\Later\Kind;
use App\Later\Later;
use App\Later\Winters;
use App\Models\Option;
use App\Models\Project;
use App\View\Cores;
use App\View\FrostPage;
use App\View\MassPage;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Ondergrond\Assessor;
use Ondergrond\Rules\Concern;

/** What follows of an option, as the piece of the bench that shows it: 202 with what is known so far, until all of it is there. */
final readonly class LaterController
{
    public function __construct(
        private Later $later,
        private Reader $reading,
        private Winters $winters,
        private Hours $hours,
        private Costs $costs,
    ) {}

    public function __invoke(Project $project, Option $option, Kind $kind): Response
    {
        $known = $this->later->ask($kind, $project, $option);
        $piece = match ($kind) {
            Kind::Winters => $this->frost($project, $option),
            Kind::Cooling => $this->mass($project, $option),
            Kind::Costs => view(
                'section.costs',
                ['costs' => $this->costs->inWords($project, $option, $this->reading->formatter($project)) ?? []],
            ),
            default => abort(404),
        };

        return new Response($piece->render(), $known ? 200 : 202);
    }

    private function frost(Project $project, Option $option): View
    {
        $proofs = $this->winters->known($project, $option);
        $ruling = Assessor::ruling(Concern::Frost, $project->site, $option->design, $project->units, $option->setAside(), proofs: $proofs);
        $frost = new FrostPage(
            Assessor::frost($project->site, $option->design)->proved($proofs),
            $this->reading->formatter($project),
            $ruling,
        );

        return view('section.later', [
            'core' => (new Cores($frost->format))->frost($frost), 'piece' => 'section.frost',
            'frost' => $frost, 'sizing' => route('studies.show', [$project, $option]).'#wing',
        ]);
    }

    private function mass(Project $project, Option $option): View
    {
        $page = new MassPage(
            $project->site, $option->design, $this->hours->soFar($project, $option), $this->reading->formatter($project),
            Assessor::ruling(Concern::Mass, $project->site, $option->design, $project->units, $option->setAside()),
        );

        return view('section.later', [
            'core' => (new Cores($page->format))->mass($page), 'piece' => 'section.mass',
            'mass' => $page, 'whole' => route('mass.show', [$project, $option]),
        ]);
    }
}
