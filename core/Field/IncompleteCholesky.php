<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use RuntimeException;

/**
 * Conjugate gradients preconditioned by a modified incomplete Cholesky factor (Gustafsson 1978, from memory), for five-point
 * networks that a time step makes stiff near by and loose far away: there it needs no coarser levels, and it costs next to
 * nothing to set up, so that it may be set up anew for each change of phase. Arrays are numbered as in Mesh.
 */
final class IncompleteCholesky
{
    /** Share of the fill-in that goes to the diagonal: 1 would be unstable where cells are cut off. */
    private const MODIFIED = 0.96;

    private const MOST_STEPS = 600;

    /** Steps of the last answer. */
    public int $steps = 0;

    /** @var array<int, float> 1 ÷ pivot */
    private array $pivot;

    /**
     * @param  array<int, float>  $across  conductance to the cell on the right, W/(m·K)
     * @param  array<int, float>  $up  conductance to the cell above
     * @param  array<int, float>  $diagonal  of every cell, above 0
     */
    public function __construct(
        private readonly int $nx,
        private readonly int $ny,
        private readonly array $across,
        private readonly array $up,
        private readonly array $diagonal,
    ) {
        $s = $nx + 2;
        $pivot = array_fill(0, $s * ($ny + 2), 0.0);
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx, $p = $q - $s; $q < $end; $q++, $p++) {
                $a = $across[$q - 1];
                $b = $up[$p];
                $left = $a * $pivot[$q - 1];
                $below = $b * $pivot[$p];
                $pivot[$q] = 1.0 / ($diagonal[$q] - $left * ($a + self::MODIFIED * $up[$q - 1]) - $below * ($b + self::MODIFIED * $across[$p]));
            }
        }
        $this->pivot = $pivot;
    }

    /**
     * @param  array<int, float>  $load  W/m
     * @param  array<int, float>  $x  a guess, K
     * @param  float  $goal  norm of the residual that is small enough, W/m
     * @return array<int, float> K
     *
     * @throws RuntimeException where it does not get there
     */
    public function solve(array $load, array $x, float $goal): array
    {
        [$nx, $ny, $s, $across, $up, $d, $pivot] = [$this->nx, $this->ny, $this->nx + 2, $this->across, $this->up, $this->diagonal, $this->pivot];
        $r = $p = $w = $z = array_fill(0, count($load), 0.0);
        $left = 0.0;
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx; $q < $end; $q++) {
                $value = $load[$q] - $d[$q] * $x[$q] + $across[$q - 1] * $x[$q - 1] + $across[$q] * $x[$q + 1] + $up[$q - $s] * $x[$q - $s] + $up[$q] * $x[$q + $s];
                $r[$q] = $value;
                $left += $value * $value;
            }
        }
        $goal *= $goal;
        $before = 0.0;
        for ($this->steps = 0; $this->steps < self::MOST_STEPS; $this->steps++) {
            if ($left <= $goal) {
                return $x;
            }
            for ($j = 1; $j <= $ny; $j++) {
                for ($q = $j * $s + 1, $end = $q + $nx, $below = $q - $s; $q < $end; $q++, $below++) {
                    $z[$q] = ($r[$q] + $across[$q - 1] * $z[$q - 1] + $up[$below] * $z[$below]) * $pivot[$q];
                }
            }
            $rho = 0.0;
            for ($j = $ny; $j >= 1; $j--) {
                for ($end = $j * $s, $q = $end + $nx; $q > $end; $q--) {
                    $value = $z[$q] + ($across[$q] * $z[$q + 1] + $up[$q] * $z[$q + $s]) * $pivot[$q];
                    $z[$q] = $value;
                    $rho += $value * $r[$q];
                }
            }
            $beta = $before > 0.0 ? $rho / $before : 0.0;
            $before = $rho;
            for ($q = $s + 1, $end = ($ny + 1) * $s - 1; $q < $end; $q++) {
                $p[$q] = $z[$q] + $beta * $p[$q];
            }
            $curvature = 0.0;
            for ($j = 1; $j <= $ny; $j++) {
                for ($q = $j * $s + 1, $end = $q + $nx, $below = $q - $s, $above = $q + $s; $q < $end; $q++, $below++, $above++) {
                    $value = $d[$q] * $p[$q] - $across[$q - 1] * $p[$q - 1] - $across[$q] * $p[$q + 1] - $up[$below] * $p[$below] - $up[$q] * $p[$above];
                    $w[$q] = $value;
                    $curvature += $value * $p[$q];
                }
            }
            $alpha = $rho / $curvature;
            $left = 0.0;
            for ($q = $s + 1, $end = ($ny + 1) * $s - 1; $q < $end; $q++) {
                $x[$q] += $alpha * $p[$q];
                $value = $r[$q] - $alpha * $w[$q];
                $r[$q] = $value;
                $left += $value * $value;
            }
        }

        throw new RuntimeException('a step of the winter did not settle');
    }
}
