<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Plan\Outline;

/**
 * A rectangle of an outline of right angles, as large as fits: both its diagonals are taped, and where they are alike it is square. Its
 * corners are the outline's, or the foot of one on the wall that its own wall leads to.
 */
final readonly class Rectangle
{
    /** Corners nearer to one line than this stand on it, m. */
    private const ON_LINE = 0.002;

    /** Sine of an angle that is still right. */
    private const SQUARE = 1e-3;

    /**
     * @param  list<string>  $names  of its four corners in order round: a corner's id, or `D on A–B`
     * @param  float  $long  m
     * @param  float  $short  m
     */
    private function __construct(
        public array $names,
        public float $long,
        public float $short,
    ) {}

    public function diagonal(): float
    {
        return hypot($this->long, $this->short);
    }

    /** @return list<self> the largest first; none where walls meet otherwise than square, nor where a corner would stand in the open */
    public static function of(Outline $outline): array
    {
        $sides = array_values($outline->sides());
        $first = $sides[0];
        [[$ux, $uy], [$vx, $vy]] = [$first->direction(), $first->inward()];
        foreach ($sides as $side) {
            [$dx, $dy] = $side->direction();
            if (min(abs($dx * $ux + $dy * $uy), abs($dx * $vx + $dy * $vy)) > self::SQUARE) {
                return [];
            }
        }
        $at = [];
        foreach ($outline->points as $id => [$x, $y]) {
            [$px, $py] = [$x - $first->start[0], $y - $first->start[1]];
            $at[$id] = [$px * $ux + $py * $uy, $px * $vx + $py * $vy];
        }
        $lines = [self::lines(array_column($at, 0)), self::lines(array_column($at, 1))];
        $name = static function (float $u, float $v) use ($at, $sides): string {
            foreach ($at as $id => [$a, $b]) {
                if (abs($a - $u) <= self::ON_LINE && abs($b - $v) <= self::ON_LINE) {
                    return $id;
                }
            }
            foreach ($sides as $side) {
                [[$a, $b], [$c, $d]] = [$at[$side->from], $at[$side->to]];
                $level = abs($b - $d) <= self::ON_LINE;
                if ($level ? abs($b - $v) <= self::ON_LINE && ($u - $a) * ($u - $c) < 0 : abs($a - $u) <= self::ON_LINE
                    && ($v - $b) * ($v - $d) < 0) {
                    $nearest = INF;
                    $of = '';
                    foreach ($at as $id => [$a, $b]) {
                        $away = abs($level ? $b - $v : $a - $u);
                        if ($id !== $side->from && $id !== $side->to && abs(
                            $level ? $a - $u : $b - $v,
                        ) <= self::ON_LINE && $away < $nearest) {
                            [$of, $nearest] = [$id, $away];
                        }
                    }

                    return $of === '' ? '' : "{$of} on {$side->from}–{$side->to}";
                }
            }

            return '';
        };

        return self::largest($lines, static fn (float $u, float $v): bool => $outline->holds(
            $first->start[0] + $u * $ux + $v * $vx, $first->start[1] + $u * $uy + $v * $vy,
        ), $name);
    }

    /**
     * Of the cells between all lines, the rectangles that no other one holds.
     *
     * @param  array{list<float>, list<float>}  $lines
     * @param  \Closure(float, float): bool  $isIn
     * @param  \Closure(float, float): string  $name
     * @return list<self>
     */
    private static function largest(array $lines, \Closure $isIn, \Closure $name): array
    {
        [$us, $vs] = $lines;
        [$wide, $high] = [count($us) - 1, count($vs) - 1];
        // How many cells before this one, along and across, lie within.
        $sum = array_fill(0, $wide + 1, array_fill(0, $high + 1, 0));
        for ($i = 0; $i < $wide; $i++) {
            for ($j = 0; $j < $high; $j++) {
                $sum[$i + 1][$j + 1] = $sum[$i][$j + 1] + $sum[$i + 1][$j] - $sum[$i][$j]
                    + ($isIn(($us[$i] + $us[$i + 1]) / 2, ($vs[$j] + $vs[$j + 1]) / 2) ? 1 : 0);
            }
        }
        $full = static fn (int $i0, int $i1, int $j0, int $j1): bool => $i0 >= 0 && $j0 >= 0 && $i1 < $wide && $j1 < $high
            && $sum[$i1 + 1][$j1 + 1] - $sum[$i0][$j1 + 1] - $sum[$i1 + 1][$j0] + $sum[$i0][$j0] === ($i1 - $i0 + 1) * ($j1 - $j0 + 1);
        $found = [];
        for ($i0 = 0; $i0 < $wide; $i0++) {
            for ($j0 = 0; $j0 < $high; $j0++) {
                for ($i1 = $i0; $full($i0, $i1, $j0, $j0); $i1++) {
                    $j1 = $j0;
                    while ($full($i0, $i1, $j0, $j1 + 1)) {
                        $j1++;
                    }
                    if ($full($i0 - 1, $i1, $j0, $j1) || $full($i0, $i1 + 1, $j0, $j1) || $full($i0, $i1, $j0 - 1, $j1)) {
                        continue;
                    }
                    [$u0, $u1, $v0, $v1] = [$us[$i0], $us[$i1 + 1], $vs[$j0], $vs[$j1 + 1]];
                    $names = [$name($u0, $v0), $name($u1, $v0), $name($u1, $v1), $name($u0, $v1)];
                    if (! in_array('', $names, true)) {
                        $found[] = new self($names, max($u1 - $u0, $v1 - $v0), min($u1 - $u0, $v1 - $v0));
                    }
                }
            }
        }
        usort($found, static fn (self $a, self $b): int => $b->long * $b->short <=> $a->long * $a->short);

        return $found;
    }

    /**
     * @param  list<float>  $values
     * @return list<float> each once, in order
     */
    private static function lines(array $values): array
    {
        sort($values);
        $lines = [];
        foreach ($values as $value) {
            if ($lines === [] || $value - $lines[count($lines) - 1] > self::ON_LINE) {
                $lines[] = $value;
            }
        }

        return $lines;
    }
}
