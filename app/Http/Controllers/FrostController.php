<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\ProveFrost;
use App\Models\Option;
use App\Models\Project;
use App\Support\Content;
use App\Support\Frosts;
use App\Support\Reading;
use App\View\FieldData;
use App\View\FrostPage;
use App\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ondergrond\Assessor;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Frost\Bearing;
use Ondergrond\Rules\Concern;
use Ondergrond\Units\Quantity;

/** What the winters came to that the queue runs on an option's sections: asked for after the bench stands, 202 until all are run. */
final readonly class FrostController
{
    public function __construct(private Frosts $frosts, private Reading $reading) {}

    public function show(Project $project, Option $option): Response
    {
        $proofs = $this->frosts->known($project, $option);
        $ruling = Assessor::ruling(Concern::Frost, $project->site, $option->design, $project->units, $option->setAside(), proofs: $proofs);
        $frost = new FrostPage(Assessor::frost($project->site, $option->design)->proved($proofs), $this->reading->formatter($project), $ruling);
        if ($frost->left() > 0) {
            ProveFrost::dispatch($option->id, Content::hash($project, $option));
        }

        return new Response(view('section.frost', ['frost' => $frost, 'sizing' => route('studies.show', [$project, $option]).'#wing'])->render(), $frost->left() > 0 ? 202 : 200);
    }

    /** The days of the design winter over the drawing of a side: millimetres, with the matrix that lays them on it. */
    public function film(Project $project, Option $option, Request $request): JsonResponse
    {
        $view = View::of($request);
        $stretch = $view->stretchOf($option->design);
        $days = $this->frosts->film($project, $option, $stretch);
        $drawing = SectionDrawing::of($stretch->design, $this->reading->formatter($project), $stretch->kind, $view->detail);
        $px = SvgWriter::PX / $drawing->scale;
        $bearing = Bearing::of($stretch->design, $stretch->kind);
        $reason = Assessor::frost($project->site, $option->design)->reason;
        if ($days === null && $reason === null) {
            ProveFrost::dispatch($option->id, Content::hash($project, $option));
        }

        return new JsonResponse([
            'matrix' => [$px, 0, 0, -$px, -1000 * $drawing->box[0] * $px, 1000 * $drawing->box[3] * $px],
            'bearing' => array_map(static fn (float $m): int => (int) round(1000 * $m), [$bearing->x0, $bearing->x1, $bearing->soil]),
            'reason' => $reason,
            'size' => FieldData::unit(Quantity::Depth, $this->reading->formatter($project)),
            'days' => $days === null ? null : (object) $days,
        ], $days === null && $reason === null ? 202 : 200);
    }
}
