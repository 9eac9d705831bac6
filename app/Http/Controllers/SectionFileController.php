<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Option;
use App\Models\Project;
use App\Support\Download;
use App\Support\Reading;
use Illuminate\Http\Response;
use Ondergrond\Assessor;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;

/** What the bench shows, as files. */
final class SectionFileController
{
    public function drawing(Project $project, Option $option, Reading $reading): Response
    {
        $svg = SvgWriter::file(
            SectionDrawing::of($option->design, $reading->formatter($project)),
            "{$project->name}, {$option->name}",
            ProjectFile::hash($project->toCore()),
        );

        return Download::of($svg, 'image/svg+xml', "{$project->name} {$option->name} section", 'svg');
    }

    public function assessment(Project $project, Option $option): Response
    {
        $json = AssessmentFile::write($project->toCore(), $option->toCore(), Assessor::assess($project->site, $option->design));

        return Download::of($json, 'application/json', "{$project->name} {$option->name} assessment", 'json');
    }
}
