<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Numbers\ErrorFunction;

/**
 * Heating degree-days of a year from its monthly means: the days of a month stray from its mean as a normal distribution, and
 * each counts by what it is below the base (after Thom 1954 and Schoenau and Kehrig 1990, from memory; there the deviation is
 * that of the month, here one for all).
 */
final class DegreeDays
{
    /**
     * @param  list<float>  $monthly  twelve, °C, January first
     * @param  float  $base  °C
     * @param  float  $spread  standard deviation of a day about its month, K
     * @return float K·d
     */
    public static function of(array $monthly, float $base, float $spread = FrostBasis::SPREAD): float
    {
        $sum = 0.0;
        foreach ($monthly as $i => $mean) {
            $sum += Calendar::DAYS[$i] * self::day($base - $mean, $spread);
        }

        return $sum;
    }

    /** What a day of a month so far below the base counts, in the mean: E max(0, d + σZ). */
    private static function day(float $below, float $spread): float
    {
        if ($spread <= 0.0) {
            return max(0.0, $below);
        }
        $h = $below / $spread;

        return $below * (1 + ErrorFunction::of($h / M_SQRT2)) / 2 + $spread * exp(-$h * $h / 2) / sqrt(2 * M_PI);
    }
}
