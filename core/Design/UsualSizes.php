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

        return match (true) {
            $field === 'sheet.thickness_m' => $metric ? self::scaled(self::SHEETS_MM, 0.001) : self::scaled(self::SHEETS_MIL, Unit::INCH / 1000),
            $field === 'slab.thickness_m' => $metric ? self::steps(0.05, 0.5, 0.01) : self::steps(2 * Unit::INCH, 20 * Unit::INCH, 0.5 * Unit::INCH),
            $field === 'stone.thickness_m' => $metric ? self::steps(0.0, 1.5, 0.025) : self::steps(0.0, 59 * Unit::INCH, Unit::INCH),
            $field === 'slab.top_above_grade_m' => $metric ? self::steps(0.0, 1.5, 0.05) : self::steps(0.0, 59 * Unit::INCH, Unit::INCH),
            str_starts_with($field, 'wall.') && str_ends_with($field, '.thickness_m') => $metric ? self::steps(0.005, 0.5, 0.005) : self::steps(0.125 * Unit::INCH, 20 * Unit::INCH, 0.125 * Unit::INCH),
            str_ends_with($field, '.thickness_m') => $metric ? self::scaled(self::BOARDS_MM, 0.001) : self::scaled(self::BOARDS_IN, Unit::INCH),
            $field === 'perimeter_board.width_m' => $metric ? self::steps(0.0, 6.0, 0.1) : self::steps(0.0, 236 * Unit::INCH, 4 * Unit::INCH),
            $field === 'edge_beam.width_m' => $metric ? self::steps(0.1, 2.0, 0.05) : self::steps(4 * Unit::INCH, 78 * Unit::INCH, 2 * Unit::INCH),
            $field === 'edge_beam.depth_m' => $metric ? self::steps(0.1, 3.0, 0.05) : self::steps(4 * Unit::INCH, 118 * Unit::INCH, 2 * Unit::INCH),
            $field === 'edge_outside.depth_below_grade_m' => $metric ? self::steps(0.0, 3.0, 0.05) : self::steps(0.0, 118 * Unit::INCH, 2 * Unit::INCH),
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
