<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\Fault;

/**
 * Where a mesh must have lines: at every edge of a region, at the ends of boundaries and at the sides of sources; and
 * how fine it begins there. Only the outermost lines on which nothing acts, such as planes of symmetry, stay coarse.
 */
final class GridLines
{
    /** Coordinates no further apart than this are the same place, m: what arithmetic leaves of equal numbers. */
    public const SAME = 1e-10;

    /** Lines that are not the same lie at least this far apart, m. */
    private const APART = 1e-5;

    /** Cells between a line and its nearest neighbour before any doubling. */
    private const CELLS_TO_NEXT = 1.5;

    /** Unless that made them finer than this, m; between lines that close there are two. */
    private const FINE = 0.0005;

    /** A slanted side begins as this many steps, fewer where there are many such sides. */
    private const STEPS = 8;

    private const MOST_STEPS = 400;

    /**
     * @return array{Axis, Axis} the lines across x and those across y
     */
    public static function of(Problem $problem): array
    {
        $at = [self::lines($problem, 0), self::lines($problem, 1)];
        Mesh::refuseTooMany((count($at[0]) - 1) * (count($at[1]) - 1));
        foreach ([0, 1] as $axis) {
            $at[$axis] = self::withSteps($problem, $axis, $at[$axis]);
            foreach ($problem->fine as $fine) {
                $at[$axis] = self::withFine($at[$axis], $fine->lines($axis));
            }
        }
        $gaps = [self::gaps($at[0]), self::gaps($at[1])];
        $spacing = [array_fill(0, count($at[0]), INF), array_fill(0, count($at[1]), INF)];
        // What is close to a corner one way is felt the other way too.
        foreach (self::points($problem) as [$x, $y]) {
            $i = self::nearest($at[0], $x);
            $j = self::nearest($at[1], $y);
            $near = self::size(min($gaps[0][$i], $gaps[1][$j]));
            $spacing[0][$i] = min($spacing[0][$i], $near);
            $spacing[1][$j] = min($spacing[1][$j], $near);
        }
        $axes = [];
        foreach ([0, 1] as $axis) {
            $acting = self::acting($problem, $axis);
            $last = count($at[$axis]) - 1;
            foreach ($at[$axis] as $i => $value) {
                $swings = self::swingsOn($problem, $axis, $value) ? self::penetration($problem) / self::CELLS_TO_NEXT : INF;
                $quiet = ($i === 0 || $i === $last) && array_filter(
                    $acting,
                    static fn (float $o): bool => abs($o - $value) <= self::SAME,
                ) === [];
                $spacing[$axis][$i] = $quiet ? $gaps[$axis][$i] / 2 : min($spacing[$axis][$i], self::size($gaps[$axis][$i]), $swings);
            }
            $axes[] = Axis::graded($at[$axis], $spacing[$axis]);
        }

        return [$axes[0], $axes[1]];
    }

    /**
     * Whether a boundary that swings lies along that line.
     *
     * @param  0|1  $axis
     */
    private static function swingsOn(Problem $problem, int $axis, float $value): bool
    {
        foreach ($problem->boundaries as $b) {
            if (
                $b->isVertical() === ($axis === 0)
                && abs(($axis === 0 ? $b->x0 : $b->y0) - $value) <= self::SAME
                && $b->amplitude->modulus() > 0.0
            ) {
                return true;
            }
        }

        return false;
    }

    /** The least depth at which a swing has fallen to 1/e: √(2λ/(ωρc)), m. */
    private static function penetration(Problem $problem): float
    {
        $least = INF;
        foreach ($problem->swings() ? $problem->patches : [] as $patch) {
            if ($patch->substance?->capacity !== null) {
                $least = min(
                    $least,
                    sqrt(2 * $patch->substance->conductivity / ($problem->angularFrequency() * $patch->substance->capacity)),
                );
            }
        }

        return $least;
    }

    /**
     * @param  non-empty-list<float>  $at
     * @return non-empty-list<float> from each line to the nearest other
     */
    private static function gaps(array $at): array
    {
        $gaps = [];
        foreach ($at as $i => $value) {
            $gaps[] = min($i > 0 ? $value - $at[$i - 1] : INF, isset($at[$i + 1]) ? $at[$i + 1] - $value : INF);
        }

        return $gaps;
    }

    /** The size of cell to begin with beside something that is so far away, m. */
    private static function size(float $gap): float
    {
        return max($gap / self::CELLS_TO_NEXT, min($gap / 2, self::FINE));
    }

    /** @param  non-empty-list<float>  $at */
    private static function nearest(array $at, float $value): int
    {
        $low = 0;
        $high = count($at) - 1;
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($at[$middle] < $value) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low > 0 && $value - $at[$low - 1] < abs($at[$low] - $value) ? $low - 1 : $low;
    }

    /** @return list<array{float, float}> corners of regions and sources, ends of boundaries */
    private static function points(Problem $problem): array
    {
        $points = [];
        foreach ($problem->patches as $patch) {
            array_push($points, ...$patch->polygon);
        }
        foreach ([...$problem->boundaries, ...$problem->sources] as $b) {
            array_push($points, [$b->x0, $b->y0], [$b->x1, $b->y0], [$b->x1, $b->y1], [$b->x0, $b->y1]);
        }

        return $points;
    }

    /**
     * Lines too close to each other to be told apart.
     *
     * @return list<Fault>
     */
    public static function closeLines(Problem $problem): array
    {
        $faults = [];
        foreach ([0, 1] as $axis) {
            $places = [...self::edges($problem, $axis), ...self::actions($problem, $axis)];
            usort($places, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            for ($i = 1; $i < count($places); $i++) {
                $apart = $places[$i][0] - $places[$i - 1][0];
                if ($apart > self::SAME && $apart < self::APART) {
                    $faults[] = Fault::of(
                        $places[$i][1],
                        sprintf(
                            '%s = %.12g m, %.2g m from an edge of %s', $axis === 0 ? 'x' : 'y', $places[$i][0], $apart,
                            $places[$i - 1][1],
                        ),
                        'edges in the same place, or at least 0.01 mm apart',
                    );
                }
            }
        }

        return $faults;
    }

    /**
     * @param  0|1  $axis
     * @return non-empty-list<float> the lines that must be, rising
     */
    private static function lines(Problem $problem, int $axis): array
    {
        $edges = array_column(self::edges($problem, $axis), 0);
        $low = min($edges);
        $high = max($edges);
        $acting = array_column(self::actions($problem, $axis), 0);
        $required = array_filter([...$edges, ...$acting], static fn (float $v): bool => $v >= $low && $v <= $high);
        sort($required);
        $at = [];
        foreach ($required as $value) {
            if ($at === [] || $value - $at[count($at) - 1] > self::SAME) {
                $at[] = $value;
            }
        }
        assert($at !== []);

        return $at;
    }

    /**
     * @param  0|1  $axis
     * @return non-empty-list<array{float, string}> place and the pointer of the region it is an edge of
     */
    private static function edges(Problem $problem, int $axis): array
    {
        $places = [];
        foreach ($problem->patches as $i => $patch) {
            foreach ($patch->polygon as $corner) {
                $places[] = [$corner[$axis], "/regions/{$i}"];
            }
        }
        assert($places !== []);

        return $places;
    }

    /**
     * @param  0|1  $axis
     * @return list<array{float, string}>
     */
    private static function actions(Problem $problem, int $axis): array
    {
        $places = [];
        foreach ($problem->boundaries as $i => $b) {
            array_push($places, [$axis === 0 ? $b->x0 : $b->y0, "/boundaries/{$i}"], [$axis === 0 ? $b->x1 : $b->y1, "/boundaries/{$i}"]);
        }
        foreach ($problem->sources as $i => $s) {
            array_push($places, [$axis === 0 ? $s->x0 : $s->y0, "/sources/{$i}"], [$axis === 0 ? $s->x1 : $s->y1, "/sources/{$i}"]);
        }

        return $places;
    }

    /**
     * Lines along which a boundary lies.
     *
     * @param  0|1  $axis
     * @return list<float>
     */
    private static function acting(Problem $problem, int $axis): array
    {
        $along = array_filter($problem->boundaries, static fn (Boundary $b): bool => $b->isVertical() === ($axis === 0));

        return array_values(array_map(static fn (Boundary $b): float => $axis === 0 ? $b->x0 : $b->y0, $along));
    }

    /**
     * Lines that a slanted side would like to have.
     *
     * @param  0|1  $axis
     * @return list<float>
     */
    private static function steps(Problem $problem, int $axis): array
    {
        $slanted = [];
        foreach ($problem->patches as $patch) {
            $before = $patch->polygon[count($patch->polygon) - 1];
            foreach ($patch->polygon as $corner) {
                if (abs($corner[0] - $before[0]) > self::SAME && abs($corner[1] - $before[1]) > self::SAME) {
                    $slanted[] = [$before[$axis], $corner[$axis]];
                }
                $before = $corner;
            }
        }
        $steps = (int) min(self::STEPS, self::MOST_STEPS / max(1, count($slanted)));
        $places = [];
        foreach ($slanted as [$from, $to]) {
            for ($k = 1; $k < $steps; $k++) {
                $places[] = $from + ($to - $from) * $k / $steps;
            }
        }

        return $places;
    }

    /**
     * @param  0|1  $axis
     * @param  non-empty-list<float>  $at
     * @return non-empty-list<float>
     */
    private static function withSteps(Problem $problem, int $axis, array $at): array
    {
        foreach (self::steps($problem, $axis) as $value) {
            $at = self::with($at, $value);
        }

        return $at;
    }

    /**
     * @param  non-empty-list<float>  $at  rising
     * @param  list<float>  $lines  evenly apart, rising; those that lie outside, or close to one that is there, are left out
     * @return non-empty-list<float> rising
     */
    private static function withFine(array $at, array $lines): array
    {
        $apart = count($lines) > 1 ? ($lines[1] - $lines[0]) / 3 : 0.0;
        $more = array_filter(
            $lines,
            static fn (float $v): bool => $v > $at[0] && $v < $at[count($at) - 1] && abs($at[self::nearest($at, $v)] - $v) > $apart,
        );
        $all = [...$at, ...$more];
        sort($all);

        return $all;
    }

    /**
     * The lines with one more, unless there is one near it already.
     *
     * @param  non-empty-list<float>  $at  rising
     * @return non-empty-list<float>
     */
    private static function with(array $at, float $value): array
    {
        $i = 0;
        while ($i < count($at) && $at[$i] < $value) {
            $i++;
        }
        if ($i === 0 || $i === count($at)) {
            return $at;
        }
        if (min($value - $at[$i - 1], $at[$i] - $value) < 0.2 * ($at[$i] - $at[$i - 1])) {
            return $at;
        }
        array_splice($at, $i, 0, [$value]);

        return $at;
    }
}
