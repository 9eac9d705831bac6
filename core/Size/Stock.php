<?php

declare(strict_types=1);

namespace Ondergrond\Size;

use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;

/** Sizes that the trade keeps, which follow no even step. Common practice, no source. */
enum Stock implements Sold
{
    case Boards;
    case Sheets;
    case Bars;
    case Pipes;

    public function sizes(UnitSystem $system): array
    {
        $metric = $system === UnitSystem::Metric;

        return match ($this) {
            self::Boards => $metric
                ? self::scaled([0, 20, 25, 30, 40, 50, 60, 70, 80, 100, 120, 140, 160, 180, 200, 220, 240, 260, 280, 300], 0.001)
                : self::scaled([0, 0.5, 0.75, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 10, 12], Unit::INCH),
            self::Sheets => $metric ? self::scaled(
                [0.15, 0.2, 0.25, 0.3, 0.4, 0.5],
                0.001,
            ) : self::scaled([6, 10, 15, 20], Unit::INCH / 1000),
            // Bars go by eighths of an inch.
            self::Bars => $metric ? self::scaled([0, 8, 10, 12, 16, 20, 25], 0.001) : self::scaled([0, 3, 4, 5, 6, 7, 8], Unit::INCH / 8),
            self::Pipes => $metric ? self::scaled([10, 12, 14, 16, 17, 20, 25], 0.001) : self::scaled(
                [0.375, 0.5, 0.625, 0.875, 1.125],
                Unit::INCH,
            ),
        };
    }

    /**
     * @param  non-empty-list<int|float>  $sizes
     * @return non-empty-list<float>
     */
    private static function scaled(array $sizes, float $unit): array
    {
        return array_map(static fn (int|float $size): float => round($size * $unit, 9), $sizes);
    }
}
