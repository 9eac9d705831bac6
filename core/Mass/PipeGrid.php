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

    /** Whether the row's constriction is told by that formula. */
    public static function isSlender(Heating $heating): bool
    {
        return $heating->pipe / $heating->spacing < self::SLENDER;
    }
}
