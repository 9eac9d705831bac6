<?php

declare(strict_types=1);

namespace Ondergrond\Numbers;

/** Of the normal distribution: of heat that spreads, and of days about their month. */
final class ErrorFunction
{
    /** Error function to about 1e-15, by its series and by a continued fraction (Abramowitz and Stegun, 7.1.6 and 7.1.14). */
    public static function of(float $x): float
    {
        return $x < 2.5 ? self::series($x) : 1 - self::fraction($x);
    }

    public static function complement(float $x): float
    {
        return $x < 2.5 ? 1 - self::series($x) : self::fraction($x);
    }

    private static function series(float $x): float
    {
        $term = $sum = $x;
        for ($n = 1; $n < 100 && abs($term) > 1e-17 * abs($sum); $n++) {
            $term *= 2 * $x * $x / (2 * $n + 1);
            $sum += $term;
        }

        return 2 / sqrt(M_PI) * exp(-$x * $x) * $sum;
    }

    private static function fraction(float $x): float
    {
        $f = 0.0;
        for ($n = 80; $n >= 1; $n--) {
            $f = $n / 2 / ($x + $f);
        }

        return exp(-$x * $x) / (sqrt(M_PI) * ($x + $f));
    }
}
