<?php

declare(strict_types=1);

namespace Ondergrond\FloorHeating;

/** Water in pipes, without additives. */
final class Water
{
    /** J/(kg·K). */
    public const HEAT = 4180.0;

    /** Density, kg/m³ (McCutcheon, Martin & Barnwell 1993, from memory). */
    public static function density(float $celsius): float
    {
        return 1000 * (1 - ($celsius + 288.9414) / (508_929.2 * ($celsius + 68.12963)) * ($celsius - 3.9863) ** 2);
    }

    /** Dynamic viscosity, Pa·s (Vogel's form with the usual constants, from memory). */
    public static function viscosity(float $celsius): float
    {
        return 2.414e-5 * 10 ** (247.8 / ($celsius + 133.15));
    }

    /**
     * Friction of a smooth pipe, Pa for a metre: Darcy & Weisbach with 64/Re up to 2300, Blasius's 0.3164·Re^−¼ above, and a
     * straight line between them to 4000.
     *
     * @param  float  $velocity  m/s
     * @param  float  $bore  inside diameter, m
     */
    public static function friction(float $velocity, float $bore, float $celsius): float
    {
        $re = self::reynolds($velocity, $bore, $celsius);
        $laminar = static fn (float $re): float => 64 / max(1e-9, $re);
        $turbulent = static fn (float $re): float => 0.3164 * $re ** -0.25;
        $f = match (true) {
            $re <= 2300 => $laminar($re),
            $re >= 4000 => $turbulent($re),
            default => $laminar(2300) + ($re - 2300) / 1700 * ($turbulent(4000) - $laminar(2300)),
        };

        return $f / $bore * self::density($celsius) * $velocity ** 2 / 2;
    }

    public static function reynolds(float $velocity, float $bore, float $celsius): float
    {
        return self::density($celsius) * $velocity * $bore / self::viscosity($celsius);
    }
}
