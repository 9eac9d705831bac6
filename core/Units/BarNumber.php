<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** Bars as they are called by inches: the number is their diameter in eighths of an inch (ASTM A615, nominal; from memory). */
final class BarNumber
{
    private const CALLED = '~^(?:#|no\.?)\s*(\d{1,2})$~i';

    private const LEAST = 2;

    private const MOST = 18;

    /**
     * The diameter of what is called so.
     *
     * @param  string  $called  such as `no. 4`, `#5`
     * @return float|null m; null where this is no number of a bar
     */
    public static function diameter(string $called): ?float
    {
        if (preg_match(self::CALLED, trim($called), $found) !== 1) {
            return null;
        }
        $number = (int) $found[1];

        return $number >= self::LEAST && $number <= self::MOST ? $number / 8 * Unit::INCH : null;
    }

    /**
     * What a bar of that diameter is called.
     *
     * @param  float  $diameter  m
     * @return string|null such as `no. 4`; null where none measures so
     */
    public static function called(float $diameter): ?string
    {
        $number = (int) round($diameter / Unit::INCH * 8);

        return $number >= self::LEAST && $number <= self::MOST && abs($diameter - $number / 8 * Unit::INCH) < 1e-4 ? "no. {$number}" : null;
    }
}
