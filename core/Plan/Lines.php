<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** Distances between points and straight lines from one end to another, m. */
final class Lines
{
    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    public static function distance(array $a, array $b): float
    {
        return hypot($b[0] - $a[0], $b[1] - $a[1]);
    }

    /**
     * From a point to the nearest of a line; to its end where it has no length.
     *
     * @param  array{float, float}  $p
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    public static function away(array $p, array $a, array $b): float
    {
        [$ux, $uy] = [$b[0] - $a[0], $b[1] - $a[1]];
        $square = $ux ** 2 + $uy ** 2;
        $t = $square > 0.0 ? max(0.0, min(1.0, (($p[0] - $a[0]) * $ux + ($p[1] - $a[1]) * $uy) / $square)) : 0.0;

        return hypot($p[0] - $a[0] - $t * $ux, $p[1] - $a[1] - $t * $uy);
    }

    /**
     * Whether two lines are at least so far from each other along one axis: told at once, and most are.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    public static function areApart(array $a, array $b, array $c, array $d, float $by): bool
    {
        foreach ([0, 1] as $axis) {
            if (max(
                $a[$axis], $b[$axis],
            ) + $by <= min($c[$axis], $d[$axis]) || max($c[$axis], $d[$axis]) + $by <= min($a[$axis], $b[$axis])) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where the first crosses the second, as a share of the way along the first; null where they do not, or lie along each other.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    public static function crossing(array $a, array $b, array $c, array $d): ?float
    {
        [$ux, $uy, $vx, $vy] = [$b[0] - $a[0], $b[1] - $a[1], $d[0] - $c[0], $d[1] - $c[1]];
        $det = $ux * $vy - $uy * $vx;
        if (abs($det) < 1e-12) {
            return null;
        }
        $along = (($c[0] - $a[0]) * $vy - ($c[1] - $a[1]) * $vx) / $det;
        $across = (($c[0] - $a[0]) * $uy - ($c[1] - $a[1]) * $ux) / $det;

        return $along >= 0.0 && $along <= 1.0 && $across >= 0.0 && $across <= 1.0 ? $along : null;
    }

    /**
     * Least distance between two lines; 0 where they cross.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    public static function gap(array $a, array $b, array $c, array $d): float
    {
        $side = static fn (array $p, array $q, array $r): float => ($q[0] - $p[0]) * ($r[1] - $p[1]) - ($q[1] - $p[1]) * ($r[0] - $p[0]);
        if ($side($a, $b, $c) * $side($a, $b, $d) < 0.0 && $side($c, $d, $a) * $side($c, $d, $b) < 0.0) {
            return 0.0;
        }

        return min(self::away($a, $c, $d), self::away($b, $c, $d), self::away($c, $a, $b), self::away($d, $a, $b));
    }
}
