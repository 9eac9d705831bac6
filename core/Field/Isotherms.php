<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** Lines of equal temperature over the nodes of a mesh. */
final class Isotherms
{
    /**
     * Each line runs straight through a cell, from side to side, and from cell to cell as long as it goes on; a closed
     * one ends where it began.
     *
     * @param  array<int, float|null>  $nodes  numbered as in NodeValues
     * @return list<non-empty-list<array{float, float}>> points in m
     */
    public static function lines(Mesh $mesh, array $nodes, float $level): array
    {
        return self::chained(self::pieces($mesh, $nodes, $level));
    }

    /**
     * The lines as the d of an SVG path, in m with y up.
     *
     * @param  array<int, float|null>  $nodes
     */
    public static function path(Mesh $mesh, array $nodes, float $level): string
    {
        $path = '';
        foreach (self::lines($mesh, $nodes, $level) as $line) {
            foreach ($line as $i => [$x, $y]) {
                $path .= sprintf('%s%.5g %.5g', $i === 0 ? 'M' : 'L', $x, $y);
            }
        }

        return $path;
    }

    /**
     * The pieces of line in each cell, by the sides of cells they end on: 2n is the side that goes right from node n,
     * 2n + 1 the one that goes up.
     *
     * @param  array<int, float|null>  $nodes
     * @return list<array{int, int, array{float, float}, array{float, float}}>
     */
    private static function pieces(Mesh $mesh, array $nodes, float $level): array
    {
        $pieces = [];
        $columns = $mesh->nx + 1;
        for ($j = 0; $j < $mesh->ny; $j++) {
            for ($i = 0; $i < $mesh->nx; $i++) {
                if ($mesh->conductivity[($j + 1) * $mesh->stride + $i + 1] <= 0.0) {
                    continue;
                }
                $n = $j * $columns + $i;
                // A painted cell has a value at each of its corners.
                $corners = [(float) $nodes[$n], (float) $nodes[$n + 1], (float) $nodes[$n + $columns + 1], (float) $nodes[$n + $columns]];
                $above = array_map(static fn (float $v): bool => $v > $level, $corners);
                if ($above[0] === $above[1] && $above[1] === $above[2] && $above[2] === $above[3]) {
                    continue;
                }
                $crossed = [];
                foreach ([2 * $n, 2 * ($n + 1) + 1, 2 * ($n + $columns), 2 * $n + 1] as $side => $name) {
                    [$a, $b] = $side === 2 || $side === 3 ? [($side + 1) % 4, $side] : [$side, $side + 1];
                    if ($above[$a] !== $above[$b]) {
                        $share = ($level - $corners[$a]) / ($corners[$b] - $corners[$a]);
                        $crossed[] = [$name, $side % 2 === 0
                            ? [$mesh->x[$i] + $share * ($mesh->x[$i + 1] - $mesh->x[$i]), $mesh->y[$j + ($side === 2 ? 1 : 0)]]
                            : [$mesh->x[$i + ($side === 1 ? 1 : 0)], $mesh->y[$j] + $share * ($mesh->y[$j + 1] - $mesh->y[$j])]];
                    }
                }
                // Four crossings are a saddle: the middle tells which two belong together.
                $turn = count($crossed) === 4 && (array_sum($corners) / 4 > $level) === $above[0] ? 1 : 0;
                for ($k = 0; $k < count($crossed); $k += 2) {
                    [$one, $other] = [$crossed[($k + $turn) % count($crossed)], $crossed[($k + $turn + 1) % count($crossed)]];
                    $pieces[] = [$one[0], $other[0], $one[1], $other[1]];
                }
            }
        }

        return $pieces;
    }

    /**
     * @param  list<array{int, int, array{float, float}, array{float, float}}>  $pieces
     * @return list<non-empty-list<array{float, float}>>
     */
    private static function chained(array $pieces): array
    {
        $at = [];
        foreach ($pieces as $p => [$from, $to]) {
            $at[$from][] = $p;
            $at[$to][] = $p;
        }
        $used = [];
        $lines = [];
        // Open lines begin at a side that only one piece ends on; what is left after them is closed.
        $ends = array_keys(array_filter($at, static fn (array $here): bool => count($here) === 1));
        foreach ([...$ends, ...array_keys($at)] as $side) {
            $line = [];
            while (($next = current(array_filter($at[$side], static fn (int $p): bool => ! isset($used[$p])))) !== false) {
                $used[$next] = true;
                [$from, $to, $start, $end] = $pieces[$next];
                [$start, $end, $to] = $from === $side ? [$start, $end, $to] : [$end, $start, $from];
                if ($line === []) {
                    $line[] = $start;
                }
                $line[] = $end;
                $side = $to;
            }
            if ($line !== []) {
                $lines[] = $line;
            }
        }

        return $lines;
    }
}
