<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

/** Water vapour in air and how it passes (ISO 13788:2012, 4.2 and annex E, from memory). */
final class Vapour
{
    /** δ₀, permeability of still air, kg/(m·s·Pa) (ISO 13788:2012, 4.2.3). */
    public const AIR = 2e-10;

    /** One US perm, kg/(s·m²·Pa): a grain in an hour through a square foot for an inch of mercury. */
    public const PERM = 5.72135e-11;

    /** Saturation pressure, Pa (E.7 over water, E.8 over ice). */
    public static function saturation(float $temperature): float
    {
        return $temperature >= 0.0
            ? 610.5 * exp(17.269 * $temperature / (237.3 + $temperature))
            : 610.5 * exp(21.875 * $temperature / (265.5 + $temperature));
    }

    /** °C at which that vapour pressure, Pa, saturates the air (E.9, E.10). */
    public static function dewPoint(float $pressure): float
    {
        $log = log(max($pressure, 1e-3) / 610.5);

        return $pressure >= 610.5 ? 237.3 * $log / (17.269 - $log) : 265.5 * $log / (21.875 - $log);
    }

    /** Relative humidity as a share of air that holds that vapour pressure, Pa, at °C. */
    public static function humidity(float $pressure, float $temperature): float
    {
        return $pressure / self::saturation($temperature);
    }

    /** Permeance in US perms of an equivalent air layer, m. */
    public static function perms(float $airLayer): float
    {
        return self::AIR / ($airLayer * self::PERM);
    }
}
