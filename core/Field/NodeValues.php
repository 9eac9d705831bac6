<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * A field at the crossings of the mesh's lines, node (i, j) at j·(nx + 1) + i, from its values at cell centres. The
 * value on each face is that at which as much heat leaves one cell as enters the next, so that a probe on the border
 * of two materials reads what a layer-by-layer sum gives, not their mean.
 */
final class NodeValues
{
    /**
     * @param  array<int, float>  $cells  by cell
     * @param  array<int, float>  $beyond  by boundary: the temperature beyond it, or its flux
     * @return array<int, float|null> null where nothing is painted around
     */
    public static function of(Network $network, array $cells, array $beyond): array
    {
        [$right, $left, $top, $bottom] = self::faces($network, $cells, $beyond);
        $mesh = $network->mesh;
        $lambda = $mesh->conductivity;
        $values = [];
        for ($j = 0; $j <= $mesh->ny; $j++) {
            for ($i = 0, $a = $j * $mesh->stride; $i <= $mesh->nx; $i++, $a++) {
                // The cells below left, below right, above left, above right; each weighs by how well it conducts.
                $b = $a + 1;
                $c = $a + $mesh->stride;
                $d = $c + 1;
                $weight = $lambda[$a] + $lambda[$b] + $lambda[$c] + $lambda[$d];
                $values[] = $weight > 0.0 ? (
                    $lambda[$a] * ($right[$a] + $top[$a] - $cells[$a])
                    + $lambda[$b] * ($left[$b] + $top[$b] - $cells[$b])
                    + $lambda[$c] * ($right[$c] + $bottom[$c] - $cells[$c])
                    + $lambda[$d] * ($left[$d] + $bottom[$d] - $cells[$d])
                ) / $weight : null;
            }
        }

        return $values;
    }

    /**
     * @param  array<int, float>  $cells
     * @param  array<int, float>  $beyond
     * @return array{array<int, float>, array<int, float>, array<int, float>, array<int, float>} values on each cell's right, left, top and bottom
     */
    private static function faces(Network $network, array $cells, array $beyond): array
    {
        $mesh = $network->mesh;
        [$x, $y, $s, $lambda] = [$mesh->x, $mesh->y, $mesh->stride, $mesh->conductivity];
        // An edge without a boundary is adiabatic: the value there is that of the cell.
        $right = $left = $top = $bottom = $cells;
        for ($j = 1; $j <= $mesh->ny; $j++) {
            $height = $y[$j] - $y[$j - 1];
            for ($i = 1, $q = $j * $s + 1; $i <= $mesh->nx; $i++, $q++) {
                if ($network->across[$q] > 0.0) {
                    $out = $network->across[$q] * ($cells[$q] - $cells[$q + 1]) / $height;
                    $left[$q + 1] = $right[$q] = $cells[$q] - $out * ($x[$i] - $x[$i - 1]) / (2 * $lambda[$q]);
                }
                if ($network->up[$q] > 0.0) {
                    $out = $network->up[$q] * ($cells[$q] - $cells[$q + $s]) / ($x[$i] - $x[$i - 1]);
                    $bottom[$q + $s] = $top[$q] = $cells[$q] - $out * $height / (2 * $lambda[$q]);
                }
            }
        }
        foreach ($network->faceCell as $f => $q) {
            $b = $network->faceBoundary[$f];
            $boundary = $mesh->problem->boundaries[$b];
            $side = $network->faceSide[$f];
            $i = $q % $s;
            $j = intdiv($q, $s);
            $half = (abs($side) === 1 ? $x[$i] - $x[$i - 1] : $y[$j] - $y[$j - 1]) / (2 * $lambda[$q]);
            $in = $boundary->temperature === null
                ? $beyond[$b]
                : $network->faceConductance[$f] * ($beyond[$b] - $cells[$q]) / $network->faceLength[$f];
            $value = $cells[$q] + $in * $half;
            match ($side) {
                1 => $right[$q] = $value,
                -1 => $left[$q] = $value,
                $s => $top[$q] = $value,
                default => $bottom[$q] = $value,
            };
        }

        return [$right, $left, $top, $bottom];
    }

    /**
     * The value at a point: bilinear between the four nodes around it, which keeps the kink at material borders,
     * since those are lines of the mesh.
     *
     * @param  array<int, float|null>  $nodes
     * @return float|null null outside what is painted
     */
    public static function at(Mesh $mesh, array $nodes, float $x, float $y): ?float
    {
        $cell = self::cell($mesh, $nodes, $x, $y);
        if ($cell === null) {
            return null;
        }
        [[$a, $b, $c, $d], $u, $v] = $cell;

        return (1 - $v) * ((1 - $u) * $a + $u * $b) + $v * ((1 - $u) * $c + $u * $d);
    }

    /**
     * The heat that flows at a point: −λ times the slope between the four nodes around it.
     *
     * @param  array<int, float|null>  $nodes
     * @return array{float, float}|null to the right and upward, W/m²; null outside what is painted
     */
    public static function flowAt(Mesh $mesh, array $nodes, float $x, float $y): ?array
    {
        $cell = self::cell($mesh, $nodes, $x, $y);
        if ($cell === null) {
            return null;
        }
        [[$a, $b, $c, $d], $u, $v, $width, $height, $lambda] = $cell;

        return [
            -$lambda * ((1 - $v) * ($b - $a) + $v * ($d - $c)) / $width,
            -$lambda * ((1 - $u) * ($c - $a) + $u * ($d - $b)) / $height,
        ];
    }

    /**
     * The painted cell that holds a point.
     *
     * @param  array<int, float|null>  $nodes
     * @return array{array{float, float, float, float}, float, float, float, float, float}|null values below left, below right, above left, above right; where in the cell the point lies, 0 to 1; width and height, m; conductivity
     */
    private static function cell(Mesh $mesh, array $nodes, float $x, float $y): ?array
    {
        foreach (self::holding($mesh->y, $y) as $j) {
            foreach (self::holding($mesh->x, $x) as $i) {
                $lambda = $mesh->conductivity[($j + 1) * $mesh->stride + $i + 1];
                if ($lambda > 0.0) {
                    $n = $j * ($mesh->nx + 1) + $i;
                    $width = $mesh->x[$i + 1] - $mesh->x[$i];
                    $height = $mesh->y[$j + 1] - $mesh->y[$j];

                    return [
                        // A painted cell has a value at each of its corners.
                        [
                            (float) $nodes[$n], (float) $nodes[$n + 1], (float) $nodes[$n + $mesh->nx + 1],
                            (float) $nodes[$n + $mesh->nx + 2],
                        ],
                        max(0.0, min(1.0, ($x - $mesh->x[$i]) / $width)),
                        max(0.0, min(1.0, ($y - $mesh->y[$j]) / $height)),
                        $width, $height, $lambda,
                    ];
                }
            }
        }

        return null;
    }

    /**
     * The intervals that hold a coordinate: two where it lies on a line between them.
     *
     * @param  non-empty-list<float>  $lines
     * @return list<int>
     */
    private static function holding(array $lines, float $value): array
    {
        $low = 0;
        $high = count($lines) - 1;
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($lines[$middle] < $value - GridLines::SAME) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        // Now the first line at or after the value: the interval before it holds it, the one after it only on the line.
        return array_values(array_filter([
            $low - 1,
            ...(abs($lines[$low] - $value) <= GridLines::SAME ? [$low] : []),
        ], static fn (int $i): bool => $i >= 0 && $i < count($lines) - 1 && $value <= $lines[count($lines) - 1] + GridLines::SAME));
    }
}
