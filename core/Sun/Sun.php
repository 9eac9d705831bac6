<?php

declare(strict_types=1);

namespace Ondergrond\Sun;

/**
 * Where the sun stands, by solar time. Angles in rad; azimuths from south, west positive (Duffie & Beckman, Solar
 * Engineering of Thermal Processes, 1.6, from memory).
 */
final class Sun
{
    /** W/m². */
    public const CONSTANT = 1367.0;

    /**
     * Declination (Spencer 1971), rad.
     *
     * @param  int  $day  of the year, 1 to 365
     */
    public static function declination(int $day): float
    {
        $g = 2 * M_PI * ($day - 1) / 365;

        return 0.006918
            - 0.399912 * cos($g)
            + 0.070257 * sin($g)
            - 0.006758 * cos(2 * $g)
            + 0.000907 * sin(2 * $g)
            - 0.002697 * cos(3 * $g)
            + 0.00148 * sin(3 * $g);
    }

    /** Normal to the rays, above the air, W/m² (Duffie & Beckman, 1.4.1a). */
    public static function extraterrestrial(int $day): float
    {
        return self::CONSTANT * (1 + 0.033 * cos(2 * M_PI * $day / 365));
    }

    /** ω, rad; noon is 0, afternoon positive. */
    public static function hourAngle(float $hour): float
    {
        return 2 * M_PI * ($hour - 12) / 24;
    }

    /** Cosine of the zenith angle; below 0 the sun is down. */
    public static function cosZenith(float $latitude, float $declination, float $hourAngle): float
    {
        return sin($latitude) * sin($declination) + cos($latitude) * cos($declination) * cos($hourAngle);
    }

    /**
     * Cosine of the angle between the rays and a face's normal; below 0 the sun is behind it.
     *
     * @param  float  $tilt  from level, rad
     * @param  float  $facing  azimuth of the normal, rad
     */
    public static function cosIncidence(float $latitude, float $declination, float $hourAngle, float $tilt, float $facing): float
    {
        $up = self::cosZenith($latitude, $declination, $hourAngle);
        $south = cos($declination) * cos($hourAngle) * sin($latitude) - sin($declination) * cos($latitude);
        $west = cos($declination) * sin($hourAngle);

        return $up * cos($tilt) + sin($tilt) * ($south * cos($facing) + $west * sin($facing));
    }

    /** Relative optical air mass (Kasten & Young 1989). */
    public static function airMass(float $cosZenith): float
    {
        $zenith = rad2deg(acos(max(0.0, min(1.0, $cosZenith))));

        return 1 / (max(0.0, $cosZenith) + 0.50572 * (96.07995 - $zenith) ** -1.6364);
    }
}
