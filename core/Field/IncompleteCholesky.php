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
                $pivot[$q] = 1.0 / (
                    $diagonal[$q]
                    - $left * ($a + self::MODIFIED * $up[$q - 1])
                    - $below * ($b + self::MODIFIED * $across[$p])
                );
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
        [$nx, $ny, $s, $across, $up, $d] = [$this->nx, $this->ny, $this->nx + 2, $this->across, $this->up, $this->diagonal];
        $r = array_fill(0, count($load), 0.0);
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx; $q < $end; $q++) {
                $r[$q] = $load[$q]
                    - $d[$q] * $x[$q]
                    + $across[$q - 1] * $x[$q - 1]
                    + $across[$q] * $x[$q + 1]
                    + $up[$q - $s] * $x[$q - $s]
                    + $up[$q] * $x[$q + $s];
            }
        }
        [$x, $this->steps] = (new ConjugateGradients($nx, $ny, $across, $up, $d, $this->answer(...)))->solve(
            $r,
            $x,
            $goal,
            self::MOST_STEPS,
        );

        return $x;
    }

    /**
     * There and back through the factor.
     *
     * @param  array<int, float>  $r
     * @return array<int, float>
     */
    private function answer(array $r): array
    {
        [$nx, $ny, $s, $across, $up, $pivot] = [$this->nx, $this->ny, $this->nx + 2, $this->across, $this->up, $this->pivot];
        $z = array_fill(0, count($r), 0.0);
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx, $below = $q - $s; $q < $end; $q++, $below++) {
                $z[$q] = ($r[$q] + $across[$q - 1] * $z[$q - 1] + $up[$below] * $z[$below]) * $pivot[$q];
            }
        }
        for ($j = $ny; $j >= 1; $j--) {
            for ($end = $j * $s, $q = $end + $nx; $q > $end; $q--) {
                $z[$q] += ($across[$q] * $z[$q + 1] + $up[$q] * $z[$q + $s]) * $pivot[$q];
            }
        }

        return $z;
    }
}
