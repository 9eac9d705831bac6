<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Choice;

/** How a loop of pipe is laid over its field. */
enum LoopPattern: string implements Choice
{
    case Meander = 'meander';
    case Spiral = 'spiral';

    /** So many bends from the middle are tried for where a spiral turns back. */
    private const TRIED = 5;

    /** In spacings. */
    private const BEND = 2.1;

    private const CLEAR = 0.8;

    public function label(): string
    {
        return match ($this) {
            self::Meander => 'meander, to and fro',
            self::Spiral => 'spiral, there and back side by side',
        };
    }

    /**
     * The pipe in a field, from a corner of it: half a spacing from its edges, m.
     *
     * @return list<array{float, float}> bends, from the field's own corner; fewer than two where it is too narrow for pipe
     */
    public function path(float $long, float $wide, float $spacing): array
    {
        return match ($this) {
            self::Meander => $long >= $wide ? self::toAndFro($long, $wide, $spacing)
                : array_map(static fn (array $p): array => [$p[1], $p[0]], self::toAndFro($wide, $long, $spacing)),
            self::Spiral => self::round($long, $wide, $spacing),
        };
    }

    /** @param  list<array{float, float}>  $path  m */
    public static function length(array $path): float
    {
        $sum = 0.0;
        foreach (array_slice($path, 1) as $i => $to) {
            $sum += Lines::distance($path[$i], $to);
        }

        return $sum;
    }

    /** @return list<array{float, float}> along the longer side */
    private static function toAndFro(float $long, float $wide, float $spacing): array
    {
        $runs = max(1, (int) round($wide / $spacing));
        $apart = $wide / $runs;
        $path = [];
        for ($i = 0; $i < $runs; $i++) {
            $y = ($i + 0.5) * $apart;
            $ends = [[$spacing / 2, $y], [$long - $spacing / 2, $y]];
            array_push($path, ...($i % 2 === 0 ? $ends : array_reverse($ends)));
        }

        return $path;
    }

    /** @return list<array{float, float}> inward at two spacings, and back out between */
    private static function round(float $long, float $wide, float $spacing): array
    {
        // Runs lie in pairs: as many as fit across the narrow side, the last of them beside the middle.
        $narrow = min($long, $wide);
        $spacing = $narrow / (2 * max(1, round($narrow / (2 * $spacing))));
        $in = self::inward($long, $wide, $spacing / 2, $spacing);
        $back = self::inward($long, $wide, 1.5 * $spacing, $spacing);

        return self::joined($in, $back, $spacing);
    }

    /**
     * The way in and the way back, each as far in as leaves them beside each other where they meet.
     *
     * @param  list<array{float, float}>  $in
     * @param  list<array{float, float}>  $back
     * @return list<array{float, float}>
     */
    private static function joined(array $in, array $back, float $spacing): array
    {
        $best = $in;
        for ($i = count($in); $i > max(1, count($in) - self::TRIED); $i--) {
            for ($j = count($back); $j > max(1, count($back) - self::TRIED); $j--) {
                $path = [...array_slice($in, 0, $i), ...array_reverse(array_slice($back, 0, $j))];
                if (($best === $in || self::length($path) > self::length($best)) && self::isClear($path, $i - 1, $spacing)) {
                    $best = $path;
                }
            }
        }

        return $best;
    }

    /**
     * Whether the piece where both meet is a bend that comes near no other run.
     *
     * @param  list<array{float, float}>  $path
     * @param  int  $at  where it begins
     */
    private static function isClear(array $path, int $at, float $spacing): bool
    {
        [$a, $b] = [$path[$at], $path[$at + 1]];
        if (Lines::distance($a, $b) > self::BEND * $spacing) {
            return false;
        }
        for ($k = 0; $k + 1 < count($path); $k++) {
            if (abs($k - $at) > 1 && Lines::gap($path[$k], $path[$k + 1], $a, $b) < self::CLEAR * $spacing) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{float, float}> */
    private static function inward(float $long, float $wide, float $edge, float $spacing): array
    {
        [$x0, $y0, $x1, $y1] = [$edge, $edge, $long - $edge, $wide - $edge];
        if ($x1 <= $x0 || $y1 <= $y0) {
            return [];
        }
        $path = [[$x0, $y0]];
        while (true) {
            $path[] = [$x1, $y0];
            if ($y1 - $y0 < $spacing) {
                return $path;
            }
            $path[] = [$x1, $y1];
            if ($x1 - $x0 < $spacing) {
                return $path;
            }
            $path[] = [$x0, $y1];
            $y0 += 2 * $spacing;
            if ($y1 - $y0 < $spacing) {
                return $path;
            }
            $path[] = [$x0, $y0];
            $x0 += 2 * $spacing;
            $x1 -= 2 * $spacing;
            $y1 -= 2 * $spacing;
            if ($x1 - $x0 < $spacing) {
                return $path;
            }
        }
    }
}
