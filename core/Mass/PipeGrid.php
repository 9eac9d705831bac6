<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Design\Heating;

/** A row of pipes in a solid layer as one resistance from their water to the mean of their plane (ISO 11855-2:2012, from memory). */
final class PipeGrid
{
    /** λ of pipes of polyethylene, W/(m·K) (EN 1264-2). */
    public const PIPE = 0.35;

    /** Water against the pipe, where it flows as it does in loops, W/(m²K); common practice, no source. */
    public const WATER = 1500.0;

    private const TERMS = 40;

    /** The row's constriction holds where pipes are this slender, d/T. */
    private const SLENDER = 0.2;

    /**
     * R_w + R_r + R_x, m²K/W of floor: water film, pipe wall, and T·ln(T/(π d))/(2π λ) for the way between the pipes.
     *
     * @param  float  $conductivity  of the layer, W/(m·K)
     */
    public static function resistance(Heating $heating, float $conductivity): float
    {
        return self::pipe($heating) + self::spread($heating, $conductivity);
    }

    /** Film and wall, m²K/W of floor. */
    public static function pipe(Heating $heating): float
    {
        $inner = $heating->pipe - 2 * $heating->pipeWall;

        return $heating->spacing / (M_PI * $inner * self::WATER) + $heating
            ->spacing * log($heating->pipe / $inner) / (2 * M_PI * self::PIPE);
    }

    /** R_x, m²K/W of floor: the way between the pipes. */
    public static function spread(Heating $heating, float $conductivity): float
    {
        return max(0.0, $heating->spacing * log($heating->spacing / (M_PI * $heating->pipe)) / (2 * M_PI * $conductivity));
    }

    /**
     * What R_x misses where the layer ends near the pipes, m²K/W of floor; it may be less than nothing. R_x is that of a row in a solid
     * without an end: each of its harmonics 1/(λk), k = 2πn/T, is 2/(Y₁ + Y₂) between a face that loses heat by h over the pipes and
     * one that passes none below (Carslaw & Jaeger 1959, the plate with line sources, from memory).
     *
     * @param  float  $depth  of the pipes under the face, m
     * @param  float  $thick  of the layer, m
     * @param  float  $h  from its face to the room, W/(m²K)
     */
    public static function ends(Heating $heating, float $conductivity, float $depth, float $thick, float $h): float
    {
        $sum = 0.0;
        for ($n = 1; $n <= self::TERMS; $n++) {
            $k = 2 * M_PI * $n / $heating->spacing;
            $y = $conductivity * $k;
            $up = $y * ($h + $y * tanh($k * $depth)) / ($y + $h * tanh($k * $depth));
            $down = $y * tanh($k * max(0.0, $thick - $depth));
            $sum += 2 / ($up + $down) - 1 / $y;
        }

        return $sum;
    }

    /** Whether the row's constriction is told by that formula. */
    public static function isSlender(Heating $heating): bool
    {
        return $heating->pipe / $heating->spacing < self::SLENDER;
    }
}
