<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\Fault;

/** What is wrong with the outline of a painted area. */
final class Outline
{
    /** An area is at least this large, m²: a square of a hundredth of a millimetre. */
    private const SMALLEST_AREA = 1e-10;

    /**
     * @param  list<array{float, float}>  $polygon
     * @return list<Fault>
     */
    public static function faults(array $polygon, string $pointer): array
    {
        if (count($polygon) < 3) {
            return [Fault::of($pointer, sprintf('%d corners', count($polygon)), sprintf('3 to %d corners', ProblemFaults::MOST_CORNERS))];
        }
        foreach ($polygon as [$x, $y]) {
            if (! ProblemFaults::near($x, $y)) {
                return [ProblemFaults::far($pointer)];
            }
        }
        $x = array_column($polygon, 0);
        $y = array_column($polygon, 1);
        if ((max($x) - min($x)) * (max($y) - min($y)) < self::SMALLEST_AREA) {
            return [self::withoutArea($pointer)];
        }
        $crossing = self::crossing($polygon);
        if ($crossing !== null) {
            return [
                Fault::of(
                    $pointer,
                    sprintf('sides %d and %d that cross or touch', $crossing[0] + 1, $crossing[1] + 1),
                    'an outline that does not cross or touch itself',
                ),
            ];
        }
        if (abs(self::area($polygon)) < self::SMALLEST_AREA) {
            return [self::withoutArea($pointer)];
        }

        return [];
    }

    private static function withoutArea(string $pointer): Fault
    {
        return Fault::of($pointer, 'a region without area', 'a rectangle or a polygon that has one');
    }

    /**
     * @param  non-empty-list<array{float, float}>  $polygon
     * @return float m², positive where the corners run anticlockwise
     */
    private static function area(array $polygon): float
    {
        $twice = 0.0;
        [$x, $y] = $polygon[count($polygon) - 1];
        foreach ($polygon as [$u, $v]) {
            $twice += $x * $v - $u * $y;
            [$x, $y] = [$u, $v];
        }

        return $twice / 2;
    }

    /**
     * Two sides that are not neighbours and have a point in common.
     *
     * @param  non-empty-list<array{float, float}>  $polygon
     * @return array{int, int}|null
     */
    private static function crossing(array $polygon): ?array
    {
        $n = count($polygon);
        for ($i = 0; $i < $n; $i++) {
            for ($j = $i + 2; $j < $n; $j++) {
                if (($j + 1) % $n !== $i && self::meet($polygon[$i], $polygon[$i + 1], $polygon[$j], $polygon[($j + 1) % $n])) {
                    return [$i, $j];
                }
            }
        }

        return null;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    private static function meet(array $a, array $b, array $c, array $d): bool
    {
        $side = static fn (array $p, array $q, array $r): int => ($q[0] - $p[0]) * ($r[1] - $p[1]) <=> ($q[1] - $p[1]) * ($r[0] - $p[0]);
        $within = static fn (array $p, array $q, array $r): bool => min($p[0], $q[0]) <= $r[0]
            && $r[0] <= max($p[0], $q[0])
            && min($p[1], $q[1]) <= $r[1]
            && $r[1] <= max($p[1], $q[1]);
        [$abc, $abd, $cda, $cdb] = [$side($a, $b, $c), $side($a, $b, $d), $side($c, $d, $a), $side($c, $d, $b)];

        return ($abc !== $abd && $cda !== $cdb)
            || ($abc === 0 && $within($a, $b, $c)) || ($abd === 0 && $within($a, $b, $d))
            || ($cda === 0 && $within($c, $d, $a)) || ($cdb === 0 && $within($c, $d, $b));
    }
}
