<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Later\Kind;
use App\Later\Later;
use App\Later\Winters;
use App\Models\Option;
use App\Models\Project;
use App\View\FieldData;
use App\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ondergrond\Assessor;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Frost\Bearing;
use Ondergrond\Units\Quantity;

/** The winters that the queue ran on an option's sections, day by day. */
final readonly class FrostController
{
    public function __construct(private Winters $winters, private Later $later, private Reader $reading) {}

    /** The days of the design winter over the drawing of a side: millimetres, with the matrix that lays them on it. */
    public function film(Project $project, Option $option, Request $request): JsonResponse
    {
        $view = View::of($request);
        $stretch = $view->stretchOf($option->design);
        $days = $this->winters->film($project, $option, $stretch);
        $drawing = SectionDrawing::of($stretch->design, $this->reading->formatter($project), $stretch->kind, $view->detail);
        $px = SvgWriter::PX / $drawing->scale;
        $bearing = Bearing::of($stretch->design, $stretch->kind);
        $reason = Assessor::frost($project->site, $option->design)->reason;
        if ($days === null && $reason === null) {
            $this->later->ask(Kind::Winters, $project, $option);
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
