<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/**
 * Sawn softwood as it is called and as it measures: a 2×12 is 1 1/2 by 11 1/4 inches, dressed and dry (American Softwood Lumber
 * Standard PS 20-20, table 3, dry; from memory).
 */
final class Lumber
{
    /** Inches by what they are called. */
    private const DRESSED = [
        1 => 0.75, 2 => 1.5, 3 => 2.5, 4 => 3.5, 5 => 4.5, 6 => 5.5, 8 => 7.25, 10 => 9.25, 12 => 11.25, 14 => 13.25, 16 => 15.25,
    ];

    /** What is thinner than this is a board or a plank, in inches as it is called: the side that lies flat. */
    private const THICKEST = 4;

    private const CALLED = '~^(\d{1,2})\s*(?:x|×|by)\s*(\d{1,2})(\s*flat)?$~u';

    /**
     * The depth of what is called so, on edge; laid flat its thickness.
     *
     * @param  string  $called  such as `2x12`, `2 × 6 flat`
     * @return float|null m; null where this is no name of a size
     *
     * @throws UnreadableQuantity where no such size is sold
     */
    public static function depth(string $called): ?float
    {
        if (preg_match(self::CALLED, mb_strtolower(trim($called)), $found) !== 1) {
            return null;
        }
        [$thin, $deep] = [min((int) $found[1], (int) $found[2]), max((int) $found[1], (int) $found[2])];
        $inches = self::DRESSED[isset($found[3]) ? $thin : $deep] ?? null;
        if ($inches === null || ! isset(self::DRESSED[$thin]) || $thin > self::THICKEST) {
            throw UnreadableQuantity::notLumber($called, '1×4, 2×4, 2×6, 2×8, 2×10, 2×12');
        }

        return $inches * Unit::INCH;
    }

    /**
     * What a two-inch piece of that depth is called.
     *
     * @param  float  $depth  m
     * @return string|null such as `2×12`; null where none measures so
     */
    public static function called(float $depth): ?string
    {
        foreach (self::DRESSED as $name => $inches) {
            if ($name >= self::THICKEST && abs($depth - $inches * Unit::INCH) < 1e-4) {
                return "2×{$name}";
            }
        }

        return null;
    }
}
