<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;

/** The sizes that each part is bought or built in; stepping a size goes from one to the next. Common practice, no source. */
final class UsualSizes
{
    private const BOARDS_IN = [0, 0.5, 0.75, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 10, 12];

    private const BOARDS_MM = [0, 20, 25, 30, 40, 50, 60, 70, 80, 100, 120, 140, 160, 180, 200, 220, 240, 260, 280, 300];

    private const SHEETS_MIL = [6, 10, 15, 20];

    private const SHEETS_MM = [0.15, 0.2, 0.25, 0.3, 0.4, 0.5];

    /**
     * @param  string  $field  a size in a design, named as in project files: `field_board.thickness_m`
     * @return list<float> from small to large, m; empty for what is no size of a part
     */
    public static function of(string $field, UnitSystem $system): array
    {
        $metric = $system === UnitSystem::Metric;

        $steps = static fn (float $toMetres, float $mm, float $inches, float $fromMm = 0.0, float $fromInches = 0.0): array => $metric
            ? self::steps($fromMm / 1000, $toMetres, $mm / 1000)
            : self::steps($fromInches * Unit::INCH, $toMetres, $inches * Unit::INCH);

        return match (true) {
            in_array($field, ['sheet.thickness_m', 'upper_sheet.thickness_m', 'dpc.thickness_m', 'membrane.thickness_m', 'shield.thickness_m'], true) => $metric ? self::scaled(self::SHEETS_MM, 0.001) : self::scaled(self::SHEETS_MIL, Unit::INCH / 1000),
            $field === 'slab.thickness_m' => $steps(0.5, 10, 0.5, 50, 2),
            $field === 'screed.thickness_m' => $steps(0.4, 5, 0.25),
            $field === 'blinding.thickness_m' => $steps(0.2, 10, 0.5),
            $field === 'stem.thickness_m' => $steps(0.6, 10, 0.5),
            $field === 'cover.thickness_m' => $steps(0.06, 1, 0.125),
            $field === 'drainage.thickness_m' => $steps(0.1, 1, 0.125),
            $field === 'threshold.thickness_m' => $steps(0.3, 1, 0.5),
            $field === 'stone.thickness_m' => $steps(1.5, 25, 1),
            $field === 'slab.top_above_grade_m' => [...self::steps($metric ? -6.0 : -236 * Unit::INCH, -0.001, $metric ? 0.05 : Unit::INCH), ...$steps(1.5, 50, 1)],
            in_array($field, ['stem.top_above_grade_m', 'membrane.top_above_grade_m', 'deck.top_above_grade_m', 'neighbour.top_above_grade_m', 'dpc.height_above_grade_m'], true) => $steps($field === 'neighbour.top_above_grade_m' ? 1.5 : ($field === 'dpc.height_above_grade_m' ? 1.0 : 2.0), 10, 0.5),
            (bool) preg_match('~^(wall|lining|deck)\..*\.thickness_m$~', $field) => $steps(0.5, 5, 0.125, 5, 0.125),
            str_ends_with($field, '.thickness_m') => $metric ? self::scaled(self::BOARDS_MM, 0.001) : self::scaled(self::BOARDS_IN, Unit::INCH),
            in_array($field, ['form.inside_m', 'form.outside_m', 'neighbour.edge_board_m'], true) => $steps(0.3, 5, 0.125),
            $field === 'neighbour.slab_m' => $steps(0.5, 10, 0.5, 50, 2),
            $field === 'neighbour.width_m' => $steps(30.0, 250, 12),
            $field === 'perimeter_board.width_m' => $steps(6.0, 100, 4),
            $field === 'edge_beam.width_m' => $steps(2.0, 50, 2, 100, 4),
            $field === 'edge_beam.depth_m' => $steps(3.0, 50, 2, 100, 4),
            $field === 'edge_outside.depth_below_grade_m' => $steps(6.0, 50, 2),
            $field === 'footing.width_m' => $steps(3.0, 50, 2),
            $field === 'footing.height_m' => $steps(1.5, 50, 2, 100, 4),
            $field === 'footing.depth_below_grade_m' => $steps(8.0, 50, 2),
            $field === 'walkout.drop_m' => $steps(6.0, 50, 2),
            in_array($field, ['wing.depth_m', 'walkout.footing_depth_m', 'edge_inside.depth_m', 'lining.gap_above_floor_m', 'drainage.top_below_grade_m', 'pads.width_m'], true) => $steps(3.0, 50, 2),
            $field === 'wing.width_m' => $steps(4.0, 100, 4),
            in_array($field, ['wing.fall_m', 'cover.depth_below_grade_m', 'threshold.width_m', 'recess.width_m'], true) => $steps(1.0, 10, 0.5),
            in_array($field, ['edge_inside.bevel_m', 'recess.depth_m'], true) => $steps(0.3, 5, 0.25),
            in_array($field, ['drains.outer_m', 'drains.inner_m'], true) => $steps(0.4, 10, 1),
            in_array($field, ['pads.height_m', 'service.height_m'], true) => $steps(1.5, 25, 1),
            $field === 'pads.depth_below_grade_m' => $steps(6.0, 50, 2),
            $field === 'loads.plate_m' => $steps(1.0, 50, 2, 50, 2),
            $field === 'steel.bar_m' => $metric ? self::scaled([0, 8, 10, 12, 16, 20, 25], 0.001) : self::scaled([0, 3, 4, 5, 6, 7, 8], Unit::INCH / 8),
            $field === 'steel.spacing_m' => $steps(0.6, 50, 2, 100, 4),
            in_array($field, ['steel.cover_m', 'steel.edge_cover_m'], true) => $steps(0.2, 5, 0.25),
            in_array($field, ['sheet.lap_m', 'membrane.lap_m', 'dpc.lap_m'], true) => $steps(1.0, 50, 2),
            $field === 'deck.rim_m' => $metric ? self::scaled(self::BOARDS_MM, 0.001) : self::scaled(self::BOARDS_IN, Unit::INCH),
            $field === 'gas.pipe_m' => $steps(0.2, 10, 1),
            $field === 'heating.spacing_m' => $steps(0.6, 25, 1, 50, 3),
            $field === 'heating.pipe_m' => $metric ? self::scaled([10, 12, 14, 16, 17, 20, 25], 0.001) : self::scaled([0.375, 0.5, 0.625, 0.875, 1.125], Unit::INCH),
            $field === 'heating.depth_m' => $steps(0.6, 5, 0.25, 10, 0.5),
            default => [],
        };
    }

    /** @return list<float> */
    private static function steps(float $from, float $to, float $by): array
    {
        $sizes = [];
        for ($i = 0; $from + $i * $by <= $to + 1e-9; $i++) {
            $sizes[] = round($from + $i * $by, 9);
        }

        return $sizes;
    }

    /**
     * @param  list<int|float>  $sizes
     * @return list<float>
     */
    private static function scaled(array $sizes, float $unit): array
    {
        return array_map(static fn (int|float $size): float => round($size * $unit, 9), $sizes);
    }
}
