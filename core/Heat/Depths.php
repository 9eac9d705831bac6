<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** What several formulas of ISO 13370 have in common. */
final class Depths
{
    /** δ = √(period · λ/(π ρc)), periodic penetration depth, m (A.2). */
    public static function penetration(float $conductivity, float $capacity, float $period): float
    {
        return sqrt($period * $conductivity / (M_PI * $capacity));
    }

    /**
     * U of a floor on the ground, W/(m²K): one formula below B′, another for well insulated floors (9.1; with d_t + z/2
     * for d_t it is that of a basement floor, 9.3).
     */
    public static function floor(float $conductivity, float $characteristic, float $thickness, float $depth = 0.0): float
    {
        $deep = $thickness + $depth / 2;

        return $deep < $characteristic
            ? 2 * $conductivity / (M_PI * $characteristic + $deep) * log(M_PI * $characteristic / $deep + 1)
            : $conductivity / (0.457 * $characteristic + $deep);
    }

    /** U of a buried wall, W/(m²K), per m² of it; d_w stands for d_t where it is the smaller (9.3.3). */
    public static function wall(float $conductivity, float $depth, float $floorThickness, float $wallThickness): float
    {
        $floor = min($floorThickness, $wallThickness);

        return 2 * $conductivity / (M_PI * $depth) * (1 + 0.5 * $floor / ($floor + $depth)) * log($depth / $wallThickness + 1);
    }

    /** (λ/d) √(2/((1 + δ/d)² + 1)): answer of ground of equivalent thickness d to a swing inside, W/(m²K) (A.3). */
    public static function inside(float $conductivity, float $thickness, float $penetration): float
    {
        return $conductivity / $thickness * sqrt(2 / ((1 + $penetration / $thickness) ** 2 + 1));
    }
}
