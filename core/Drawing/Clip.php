<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** Cuts line segments at polygons. */
final class Clip
{
    /**
     * The pieces of a segment that lie inside one polygon and outside others.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<array{float, float}>  $inside
     * @param  list<list<array{float, float}>>  $outsides
     * @return list<array{array{float, float}, array{float, float}}>
     */
    public static function segment(array $from, array $to, array $inside, array $outsides): array
    {
        $cuts = [0.0, 1.0];
        foreach ([$inside, ...$outsides] as $polygon) {
            self::crossings($from, $to, $polygon, $cuts);
        }
        sort($cuts);
        $pieces = [];
        $at = static fn (float $t): array => [$from[0] + $t * ($to[0] - $from[0]), $from[1] + $t * ($to[1] - $from[1])];
        $start = null;
        $count = count($cuts);
        for ($i = 1; $i < $count; $i++) {
            if ($cuts[$i] - $cuts[$i - 1] < 1e-9) {
                continue;
            }
            $middle = $at(($cuts[$i] + $cuts[$i - 1]) / 2);
            $kept = self::contains($inside, $middle);
            foreach ($kept ? $outsides : [] as $polygon) {
                if (self::contains($polygon, $middle)) {
                    $kept = false;
                    break;
                }
            }
            if ($kept) {
                $start ??= $cuts[$i - 1];
            } elseif ($start !== null) {
                $pieces[] = [$at($start), $at($cuts[$i - 1])];
                $start = null;
            }
        }
        if ($start !== null) {
            $pieces[] = [$at($start), $at(1.0)];
        }

        return $pieces;
    }

    /**
     * Even-odd rule.
     *
     * @param  list<array{float, float}>  $polygon
     * @param  array{float, float}  $point
     */
    public static function contains(array $polygon, array $point): bool
    {
        $in = false;
        [$x, $y] = $point;
        $previous = $polygon[count($polygon) - 1];
        foreach ($polygon as $corner) {
            if (($corner[1] > $y) !== ($previous[1] > $y)
                && $x < ($previous[0] - $corner[0]) * ($y - $corner[1]) / ($previous[1] - $corner[1]) + $corner[0]) {
                $in = ! $in;
            }
            $previous = $corner;
        }

        return $in;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<array{float, float}>  $polygon
     * @param  list<float>  $cuts  added to, positions along the segment
     */
    private static function crossings(array $from, array $to, array $polygon, array &$cuts): void
    {
        $dx = $to[0] - $from[0];
        $dy = $to[1] - $from[1];
        $previous = $polygon[count($polygon) - 1];
        foreach ($polygon as $corner) {
            $ex = $corner[0] - $previous[0];
            $ey = $corner[1] - $previous[1];
            $cross = $dx * $ey - $dy * $ex;
            if (abs($cross) > 1e-15) {
                $t = (($previous[0] - $from[0]) * $ey - ($previous[1] - $from[1]) * $ex) / $cross;
                $s = (($previous[0] - $from[0]) * $dy - ($previous[1] - $from[1]) * $dx) / $cross;
                if ($t > 0.0 && $t < 1.0 && $s >= 0.0 && $s <= 1.0) {
                    $cuts[] = $t;
                }
            }
            $previous = $corner;
        }
    }
}
