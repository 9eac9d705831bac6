<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff\Counts;

use Ondergrond\Design\BarMaterial;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Takeoff\Good;
use Ondergrond\Takeoff\Line;

/** Bars both ways by mass. Common practice, no source, but for the mass of bars. */
final class Steel
{
    private const WASTE = 0.07;

    /** Mass in kg/m by diameter in mm: EN 10080; inch sizes by ASTM A615 (lb/ft .376 .668 1.043 1.502); from memory */
    private const MASS = [
        '6' => 0.222, '8' => 0.395, '10' => 0.617, '12' => 0.888, '16' => 1.578, '20' => 2.466,
        '9.5' => 0.376 * self::POUND_FOOT, '12.7' => 0.668 * self::POUND_FOOT, '15.9' => 1.043 * self::POUND_FOOT,
        '19.1' => 1.502 * self::POUND_FOOT,
    ];

    private const POUND_FOOT = 0.45359237 / 0.3048;

    private const DENSITY = 7850.0;

    /** Length of a bar as it is sold, m; common practice, no source. */
    private const BAR = 6.0;

    /** @param  float  $bar  diameter, m; the mass is in kg/m */
    public static function mass(float $bar): float
    {
        return self::MASS[(string) round(1000 * $bar, 1)] ?? self::DENSITY * M_PI * $bar ** 2 / 4;
    }

    /** Of one mat, kg/m². */
    public static function perArea(float $bar, float $spacing): float
    {
        return 2 * self::mass($bar) / $spacing;
    }

    /**
     * Bars along footing or beam, dowels of twice their lap, bars in the wall, with their laps.
     *
     * @param  float  $length  along the edge, m
     * @param  float  $high  of the wall, m
     * @return list<Line>
     */
    public static function edge(Design $design, float $length, float $high): array
    {
        $bars = $design->edgeSteel;
        $lap = $bars->lap > 0.0 ? $bars->lap : $design->steel->made->lap() * $bars->thickest();
        $stem = $design->stem->present();
        $along = $bars->bar > 0.0 ? self::mass($bars->bar) * $bars->count * $bars->mats * $length * (1 + $lap / self::BAR) : 0.0;
        $dowels = $stem && $bars->dowel > 0.0
            ? self::mass($bars->dowel) * ceil($length / $bars->dowelSpacing) * ($design->footing->height + $lap) : 0.0;
        $wall = $stem && $bars->wallBar > 0.0
            ? self::mass($bars->wallBar) * $length * ($high + $lap) / $bars->wallSpacing : 0.0;

        return Goods::of(
            self::good($design), Part::EdgeSteel->value, ($along + $dowels + $wall) * self::ofSteel($design), self::WASTE,
            note: 'bars of edge and wall with their laps',
        );
    }

    /** A polymer bar weighs a quarter of a steel one. */
    private static function ofSteel(Design $design): float
    {
        return Catalogue::get($design->steel->made->material())->density / self::DENSITY;
    }

    private static function good(Design $design): Good
    {
        return $design->steel->made === BarMaterial::Steel ? Good::Steel : Good::PolymerBars;
    }

    /**
     * @param  float  $area  of the slab, m²
     * @return list<Line>
     */
    public static function mat(Part $part, Design $design, float $area): array
    {
        $steel = $design->steel;

        return Goods::of(
            self::good($design), $part->value, self::perArea($steel->bar, $steel->spacing) * $area * self::ofSteel($design), self::WASTE,
            note: 'the mat; laps and chairs are not counted',
        );
    }
}
