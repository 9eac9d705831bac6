<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Closure;

/** Conjugate gradients (Hestenes and Stiefel 1952) over a five-point network, numbered as in Mesh, with whatever preconditioner. */
final readonly class ConjugateGradients
{
    /**
     * @param  array<int, float>  $across  conductance to the cell on the right, W/(m·K)
     * @param  array<int, float>  $up  conductance to the cell above
     * @param  array<int, float>  $diagonal
     * @param  Closure(array<int, float>): array<int, float>  $precondition  about what the matrix would have to be multiplied with
     * to give it
     */
    public function __construct(
        private int $nx,
        private int $ny,
        private array $across,
        private array $up,
        private array $diagonal,
        private Closure $precondition,
    ) {}

    /**
     * @param  array<int, float>  $r  residual of the guess, W/m
     * @param  array<int, float>  $x  guess, K
     * @param  float  $goal  norm of the residual that is small enough, W/m
     * @return array{array<int, float>, int} the answer, K, and the steps it took
     *
     * @throws Unsolved where it does not get there
     */
    public function solve(array $r, array $x, float $goal, int $most): array
    {
        [$nx, $ny, $s, $across, $up, $d, $size] = [
            $this->nx, $this->ny, $this->nx + 2, $this->across, $this->up, $this->diagonal, count($r),
        ];
        $p = $w = array_fill(0, $size, 0.0);
        $left = 0.0;
        foreach ($r as $value) {
            $left += $value * $value;
        }
        $goal *= $goal;
        $before = 0.0;
        for ($step = 0; $step < $most; $step++) {
            if ($left <= $goal) {
                return [$x, $step];
            }
            $z = ($this->precondition)($r);
            $rho = 0.0;
            for ($q = 0; $q < $size; $q++) {
                $rho += $r[$q] * $z[$q];
            }
            // Nothing is left to correct.
            if ($rho <= 0.0) {
                return [$x, $step];
            }
            $beta = $before > 0.0 ? $rho / $before : 0.0;
            $before = $rho;
            for ($q = 0; $q < $size; $q++) {
                $p[$q] = $z[$q] + $beta * $p[$q];
            }
            $curvature = 0.0;
            for ($j = 1; $j <= $ny; $j++) {
                for ($q = $j * $s + 1, $end = $q + $nx, $below = $q - $s, $above = $q + $s; $q < $end; $q++, $below++, $above++) {
                    $value = $d[$q] * $p[$q]
                        - $across[$q - 1] * $p[$q - 1]
                        - $across[$q] * $p[$q + 1]
                        - $up[$below] * $p[$below]
                        - $up[$q] * $p[$above];
                    $w[$q] = $value;
                    $curvature += $value * $p[$q];
                }
            }
            $alpha = $rho / $curvature;
            $left = 0.0;
            for ($q = 0; $q < $size; $q++) {
                $x[$q] += $alpha * $p[$q];
                $value = $r[$q] - $alpha * $w[$q];
                $r[$q] = $value;
                $left += $value * $value;
            }
        }
        if ($left <= $goal) {
            return [$x, $most];
        }

        throw new Unsolved('the temperatures did not settle');
    }
}
