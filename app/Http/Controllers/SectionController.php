<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Option;
use App\Models\Project;
use App\Support\CurrentUnits;
use App\Support\TypedData;
use App\View\SectionLog;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ondergrond\Assessor;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\DesignCodec;
use Ondergrond\Exchange\SvgWriter;

/** The bench: one design's section, its log and what is said of it. */
final class SectionController
{
    public function show(Project $project, CurrentUnits $units, ?Option $option = null): View
    {
        $project->load('options');
        $option = $option?->exists === true ? $option : $project->leading();
        $format = $units->formatter($project);
        $assessment = Assessor::assess($project->site, $option->design);
        $drawing = SectionDrawing::of($option->design, $format);

        return view('section.show', [
            'project' => $project,
            'option' => $option,
            'format' => $format,
            'heat' => $assessment->heat,
            'log' => new SectionLog($option->design, $assessment->heat->counted, $format),
            'scale' => $drawing->scale,
            'svg' => SvgWriter::inline($drawing),
        ]);
    }

    public function update(Project $project, Option $option, Request $request, CurrentUnits $units): RedirectResponse
    {
        $typed = $request->input('design');
        $option->update(['design' => TypedData::merge(
            DesignCodec::toArray($option->design),
            is_array($typed) ? $typed : [],
            $units->formatter($project),
            DesignCodec::fromArray(...),
            'design.',
        )]);
        $project->touch();

        return redirect()->route('section.show', [$project, $option]);
    }
}
