<?php

declare(strict_types=1);

namespace Ondergrond\Examples;

use Ondergrond\Design\Design;
use Ondergrond\Design\Families\ThickenedEdgeSlab;
use Ondergrond\Design\Footprint;
use Ondergrond\Exchange\DesignCodec;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;

/** Invented projects: what `bin/ondergrond example` prints and the demo opens with. */
final class Examples
{
    /** @return list<Project> */
    public static function all(): array
    {
        return [self::boathouse(), self::kiosk(), self::readingRoom()];
    }

    public static function boathouse(): Project
    {
        $system = UnitSystem::InchPound;
        $tray = (new ThickenedEdgeSlab)->preset(Footprint::rectangle(60 * Unit::FOOT, 30 * Unit::FOOT), $system);
        $even = self::changed($tray, [
            'field_board' => ['thickness_m' => 4 * Unit::INCH],
            'perimeter_board' => ['width_m' => 0.0],
        ]);
        $thin = self::changed($tray, [
            'field_board' => ['material' => 'eps-15psi', 'thickness_m' => 1 * Unit::INCH],
            'perimeter_board' => ['width_m' => 0.0],
            'edge_outside' => ['thickness_m' => 2 * Unit::INCH],
        ]);

        return new Project(
            'Dyke Lane boathouse',
            $system,
            new Site('Rowing club, below the second lock', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 19.0, 0.0, 15.0, 0.25),
            [
                new Option('A · edge tray 4 in', true, 'Thick at the edge, 2 in in the middle.', $tray),
                new Option('B · 4 in throughout', false, 'One board size for the whole floor.', $even),
                new Option('C · as first priced', false, '1 in board and a thin edge.', $thin),
            ],
        );
    }

    private static function kiosk(): Project
    {
        $tray = (new ThickenedEdgeSlab)->preset(Footprint::rectangle(6.0, 4.5), UnitSystem::Metric);

        return new Project(
            'Ferry kiosk',
            UnitSystem::Metric,
            new Site('Landing stage, east bank', ClimateSamples::all()['river-plain'], Soil::SandOrGravel, 18.0, 0.0, 14.0, null),
            [new Option('Tray, 50 and 100 mm', true, '', self::changed($tray, [
                'sheet' => ['position' => 'below'],
                'edge_outside' => ['thickness_m' => 0.1],
            ]))],
        );
    }

    private static function readingRoom(): Project
    {
        $design = (new ThickenedEdgeSlab)->preset(Footprint::of(96.0, 41.0, 29.0), UnitSystem::Metric);

        return new Project(
            'Toll-house reading room',
            UnitSystem::Metric,
            new Site('Between the toll-house and the wash-house, two sides built against', ClimateSamples::all()['snowy-upland'], Soil::Rock, 20.0, 1.0, 15.0, 0.20),
            [new Option('120 mm field', true, 'Rock close under the slab.', self::changed($design, [
                'field_board' => ['thickness_m' => 0.12],
                'perimeter_board' => ['thickness_m' => 0.16],
            ]))],
        );
    }

    /** @param  array<string, array<string, float|string>>  $parts */
    private static function changed(Design $design, array $parts): Design
    {
        return DesignCodec::fromArray(array_replace_recursive(DesignCodec::toArray($design), $parts));
    }
}
