<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Site\AnnualWave;

/** Ground that no building warms (Kusuda and Achenbach 1965). */
final class UndisturbedGround
{
    /**
     * @param  AnnualWave  $surface  of the ground's surface
     * @param  float  $diffusivity  m²/day
     * @param  float  $depth  m
     * @param  float  $days  since the coldest day at the surface
     * @return float °C
     */
    public static function temperature(AnnualWave $surface, float $diffusivity, float $depth, float $days): float
    {
        $lag = $depth * sqrt(M_PI / (365 * $diffusivity));

        return $surface->mean - $surface->amplitude * exp(-$lag) * cos(2 * M_PI / 365 * $days - $lag);
    }
}
