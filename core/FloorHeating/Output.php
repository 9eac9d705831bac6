<?php

declare(strict_types=1);

namespace Ondergrond\FloorHeating;

/** What a heated floor gives, by how warm its surface is, whatever lies under it (EN 1264-2:2008, 6.1, from memory). */
final class Output
{
    /** Highest where people stay, along the outer walls, and in bathrooms, °C (EN 1264-2: 9 and 15 K over 20 °C, 9 K over 24 °C). */
    public const STAY = 29.0;

    public const EDGE = 35.0;

    public const BATH = 33.0;

    /**
     * Basic characteristic curve: q = 8.92·(θ_F,m − θ_i)^1.1, W/m².
     *
     * @param  float  $over  surface over room, K
     */
    public static function output(float $over): float
    {
        return 8.92 * max(0.0, $over) ** 1.1;
    }

    /** The other way: mean of the surface over the room, K. */
    public static function over(float $output): float
    {
        return (max(0.0, $output) / 8.92) ** (1 / 1.1);
    }

    /**
     * Δθ_H, logarithmic mean of the water over the room, K; 0 where the water comes back no warmer than the room, for which the
     * standard has no output: the drop is too large.
     *
     * @param  float  $supply  °C
     * @param  float  $back  °C
     */
    public static function excess(float $supply, float $back, float $room): float
    {
        if ($back <= $room) {
            return 0.0;
        }

        return abs($supply - $back) < 1e-9 ? $supply - $room : ($supply - $back) / log(($supply - $room) / ($back - $room));
    }
}
