<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Option;
use App\Models\Project;
use App\Support\Download;
use App\Support\Reading;
use App\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Exchange\VtkWriter;
use Ondergrond\Ground\GroundField;
use Ondergrond\Project\SetAside;
use Ondergrond\Units\QuantityFormatter;

/** What the bench shows, as files. */
final class SectionFileController
{
    /** With `month`, 1 to 12, the temperatures of that month are laid over it; with `levels=1` levels stand for dimensions. */
    public function drawing(Project $project, Option $option, Reading $reading, Request $request): Response
    {
        $format = $reading->formatter($project);
        $view = View::of($request)->within($option->design);
        $drawing = self::sheet($option->design, $view, $format, $request);
        $month = $request->integer('month');
        if ($month >= 1 && $month <= 12) {
            $drawing = SectionDrawing::withTemperatures($drawing, GroundField::of($project->site, $option->design, $view->side), $month, $format);
        }
        $svg = SvgWriter::file(
            $drawing,
            self::heading($project, $option),
            ProjectFile::hash($project->toCore()),
        );

        return Download::of($svg, 'image/svg+xml', "{$project->name} {$option->name} section", 'svg');
    }

    public function dxf(Project $project, Option $option, Reading $reading, Request $request): Response
    {
        $drawing = self::sheet($option->design, View::of($request)->within($option->design), $reading->formatter($project), $request);
        $dxf = DxfWriter::write($drawing, self::heading($project, $option), ProjectFile::hash($project->toCore()));

        return Download::of($dxf, 'image/vnd.dxf', "{$project->name} {$option->name} section", 'dxf');
    }

    /** Rules that were set aside are said wherever the design goes. */
    private static function heading(Project $project, Option $option): string
    {
        $aside = array_map(static fn (SetAside $s): string => str_replace('-', ' ', $s->rule), $option->setAside());

        return "{$project->name}, {$option->name}".($aside === [] ? '' : ' (set aside: '.implode(', ', $aside).')');
    }

    private static function sheet(Design $design, View $view, QuantityFormatter $format, Request $request): Drawing
    {
        return SectionDrawing::of($design, $format, $view->side, $view->detail)->without($request->query('levels') === '1' ? Role::Dimension : Role::Level);
    }

    public function field(Project $project, Option $option, Request $request): Response
    {
        $vtk = VtkWriter::write(GroundField::of($project->site, $option->design, View::of($request)->within($option->design)->side)->solution);

        return Download::of($vtk, 'application/octet-stream', "{$project->name} {$option->name} field", 'vtk');
    }

    public function assessment(Project $project, Option $option): Response
    {
        $json = AssessmentFile::write($project->toCore(), $option->toCore(), Assessor::assess($project->site, $option->design, $project->units, $option->setAside()));

        return Download::of($json, 'application/json', "{$project->name} {$option->name} assessment", 'json');
    }
}
