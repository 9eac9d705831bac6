<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Option;
use App\Models\Project;
use App\Support\Download;
use App\Support\Reading;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ondergrond\Assessor;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Exchange\VtkWriter;
use Ondergrond\Ground\GroundField;

/** What the bench shows, as files. */
final class SectionFileController
{
    /** With `month`, 1 to 12, the temperatures of that month are laid over it. */
    public function drawing(Project $project, Option $option, Reading $reading, Request $request): Response
    {
        $format = $reading->formatter($project);
        $drawing = SectionDrawing::of($option->design, $format);
        $month = $request->integer('month');
        if ($month >= 1 && $month <= 12) {
            $drawing = SectionDrawing::withTemperatures($drawing, GroundField::of($project->site, $option->design), $month, $format);
        }
        $svg = SvgWriter::file(
            $drawing,
            "{$project->name}, {$option->name}",
            ProjectFile::hash($project->toCore()),
        );

        return Download::of($svg, 'image/svg+xml', "{$project->name} {$option->name} section", 'svg');
    }

    public function field(Project $project, Option $option): Response
    {
        $vtk = VtkWriter::write(GroundField::of($project->site, $option->design)->solution);

        return Download::of($vtk, 'application/octet-stream', "{$project->name} {$option->name} field", 'vtk');
    }

    public function assessment(Project $project, Option $option): Response
    {
        $json = AssessmentFile::write($project->toCore(), $option->toCore(), Assessor::assess($project->site, $option->design));

        return Download::of($json, 'application/json', "{$project->name} {$option->name} assessment", 'json');
    }
}
