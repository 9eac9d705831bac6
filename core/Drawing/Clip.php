<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** Cuts line segments to what lies inside one polygon and outside others. */
final readonly class Clip
{
    /** @var list<array{list<array{float, float}>, array{float, float, float, float}}> the others, each with its box */
    private array $outsides;

    /** @var array{float, float, float, float} */
    private array $box;

    /**
     * @param  list<array{float, float}>  $inside
     * @param  list<list<array{float, float}>>  $outsides
     */
    public function __construct(private array $inside, array $outsides)
    {
        $this->box = self::box($inside);
        $this->outsides = array_map(static fn (array $polygon): array => [$polygon, self::box($polygon)], $outsides);
    }

    /**
     * Whether all that lies in a small box is kept (true) or lost (false); null where it has to be cut to know.
     *
     * @param  array{float, float, float, float}  $small
     */
    public function sees(array $small): ?bool
    {
        $kept = self::holds($this->inside, $this->box, $small);
        if ($kept === false) {
            return false;
        }
        foreach ($this->outsides as [$polygon, $box]) {
            $hidden = self::holds($polygon, $box, $small);
            if ($hidden === true) {
                return false;
            }
            $kept = $hidden === null ? null : $kept;
        }

        return $kept;
    }

    /**
     * Whether a polygon holds all of a small box or nothing of it; null where an edge comes near.
     *
     * @param  list<array{float, float}>  $polygon
     * @param  array{float, float, float, float}  $around  the polygon
     * @param  array{float, float, float, float}  $small
     */
    private static function holds(array $polygon, array $around, array $small): ?bool
    {
        [$x0, $y0, $x1, $y1] = $small;
        if ($x1 <= $around[0] || $x0 >= $around[2] || $y1 <= $around[1] || $y0 >= $around[3]) {
            return false;
        }
        [$px, $py] = $polygon[count($polygon) - 1];
        foreach ($polygon as [$x, $y]) {
            if (! (($x < $x0 && $px < $x0) || ($x > $x1 && $px > $x1) || ($y < $y0 && $py < $y0) || ($y > $y1 && $py > $y1))) {
                return null;
            }
            [$px, $py] = [$x, $y];
        }

        return self::contains($polygon, [($x0 + $x1) / 2, ($y0 + $y1) / 2]);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return list<array{array{float, float}, array{float, float}}>
     */
    public function pieces(array $from, array $to): array
    {
        [$x0, $x1] = $from[0] < $to[0] ? [$from[0], $to[0]] : [$to[0], $from[0]];
        [$y0, $y1] = $from[1] < $to[1] ? [$from[1], $to[1]] : [$to[1], $from[1]];
        [$left, $low, $right, $high] = $this->box;
        if ($x1 < $left || $x0 > $right || $y1 < $low || $y0 > $high) {
            return [];
        }
        $near = [];
        foreach ($this->outsides as [$polygon, $box]) {
            if ($x1 > $box[0] && $x0 < $box[2] && $y1 > $box[1] && $y0 < $box[3]) {
                $near[] = $polygon;
            }
        }

        return $this->cut($from, $to, $near);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<list<array{float, float}>>  $outsides
     * @return list<array{array{float, float}, array{float, float}}>
     */
    private function cut(array $from, array $to, array $outsides): array
    {
        $cuts = [0.0, 1.0];
        foreach ([$this->inside, ...$outsides] as $polygon) {
            self::crossings($from, $to, $polygon, $cuts);
        }
        sort($cuts);
        $pieces = [];
        $at = static fn (float $t): array => $t === 1.0 ? $to : [$from[0] + $t * ($to[0] - $from[0]), $from[1] + $t * ($to[1] - $from[1])];
        $start = null;
        $count = count($cuts);
        for ($i = 1; $i < $count; $i++) {
            if ($cuts[$i] - $cuts[$i - 1] < 1e-9) {
                continue;
            }
            $middle = $at(($cuts[$i] + $cuts[$i - 1]) / 2);
            $kept = self::contains($this->inside, $middle);
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

    /**
     * @param  list<array{float, float}>  $polygon
     * @return array{float, float, float, float}
     */
    private static function box(array $polygon): array
    {
        $x = array_column($polygon, 0);
        $y = array_column($polygon, 1);

        return $x === [] || $y === [] ? [0.0, 0.0, 0.0, 0.0] : [min($x), min($y), max($x), max($y)];
    }
}
