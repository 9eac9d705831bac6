<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Http\Download;
use App\Later\Winters;
use App\Models\Option;
use App\Models\Project;
use App\View\FrostPage;
use App\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Drawing\DampSheet;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\FrostSheet;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Exchange\VtkWriter;
use Ondergrond\Frost\Bearing;
use Ondergrond\Ground\GroundField;
use Ondergrond\Project\SetAside;
use Ondergrond\Rules\Concern;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;

/** What the bench shows, as files. */
final class SectionFileController
{
    /**
     * With `month`, 1 to 12, the temperatures of that month are laid over it, with `frost=1` the day of the design winter on which
     * frost comes closest, as soon as it has been run; with `water=1` the layers that keep water off, its ways and where it
     * condenses; with `levels=1` levels stand for dimensions.
     */
    public function drawing(Project $project, Option $option, Reader $reading, Request $request, Winters $winters): Response
    {
        $format = $reading->formatter($project);
        $view = View::of($request, detail: false);
        $stretch = $view->stretchOf($option->design);
        $drawing = self::sheet($project, $stretch, $view, $format, $request);
        $month = $request->integer('month');
        if ($month >= 1 && $month <= 12) {
            $drawing = SectionDrawing::withTemperatures($drawing, GroundField::along($project->site, $stretch), $month, $format);
        }
        if ($request->query('water') === '1') {
            $drawing = DampSheet::over(
                $drawing,
                Assessor::assess($project->site, $option->design)->damp,
                $stretch->kind,
                $format,
            )->without(Role::Dimension, Role::Flag, Role::Handle, Role::Boundary);
        }
        $film = $request->query('frost') === '1' ? $winters->film($project, $option, $stretch) : null;
        if ($film !== null && $film !== []) {
            uasort($film, static fn (array $a, array $b): int => $a['margin'] <=> $b['margin']);
            $proofs = $winters->known($project, $option);
            $proved = new FrostPage(
                Assessor::frost($project->site, $option->design)->proved($proofs),
                $format,
                Assessor::ruling(Concern::Frost, $project->site, $option->design, $project->units, $option->setAside(), proofs: $proofs),
            );
            $drawing = FrostSheet::over(
                $drawing,
                Bearing::of($stretch->design, $stretch->kind),
                $film[array_key_first($film)]['zones'],
                $proved->on($stretch->id),
            );
        }
        $svg = SvgWriter::file(
            $drawing,
            self::heading($project, $option),
            ProjectFile::hash($project->toCore()),
        );

        return Download::of($svg, 'image/svg+xml', "{$project->name} {$option->name} section", 'svg');
    }

    public function dxf(Project $project, Option $option, Reader $reading, Request $request): Response
    {
        $drawing = self::sheet(
            $project, View::of(
                $request, detail: false,
            )->stretchOf($option->design), View::of($request, detail: false), $reading->formatter($project), $request,
        );
        $dxf = DxfWriter::write($drawing, self::heading($project, $option), ProjectFile::hash($project->toCore()));

        return Download::of($dxf, 'image/vnd.dxf', "{$project->name} {$option->name} section", 'dxf');
    }

    /** Rules that were set aside are said wherever the design goes. */
    private static function heading(Project $project, Option $option): string
    {
        $aside = array_map(static fn (SetAside $s): string => str_replace('-', ' ', $s->rule), $option->setAside());

        return "{$project->name}, {$option->name}".($aside === [] ? '' : ' (set aside: '.implode(', ', $aside).')');
    }

    private static function sheet(Project $project, Stretch $stretch, View $view, QuantityFormatter $format, Request $request): Drawing
    {
        return FrostSheet::ledge(
            SectionDrawing::of($stretch->design, $format, $stretch->kind, $view->detail),
            $project->site->frost->ledge,
            $format,
        )->without($request->query('levels') === '1' ? Role::Dimension : Role::Level);
    }

    public function field(Project $project, Option $option, Request $request): Response
    {
        $vtk = VtkWriter::write(
            GroundField::along($project->site, View::of($request, detail: false)->stretchOf($option->design))->solution,
        );

        return Download::of($vtk, 'application/octet-stream', "{$project->name} {$option->name} field", 'vtk');
    }

    public function assessment(Project $project, Option $option, Winters $winters): Response
    {
        $json = AssessmentFile::write(
            $project->toCore(),
            $option->toCore(),
            Assessor::assess($project->site, $option->design, $project->units, $option->setAside(), $winters->known($project, $option)),
            story: Assessor::cold($project->site, $option->design),
        );

        return Download::of($json, 'application/json', "{$project->name} {$option->name} assessment", 'json');
    }
}
