<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use RuntimeException;

/** The steady field: conjugate gradients preconditioned by multigrid (Hestenes and Stiefel 1952). */
final class SteadySolver
{
    private const MOST_STEPS = 200;

    private readonly Level $finest;

    private readonly SteadyMultigrid $multigrid;

    public function __construct(private readonly Hierarchy $hierarchy)
    {
        $this->finest = $hierarchy->finest();
        $this->multigrid = new SteadyMultigrid($hierarchy);
    }

    /**
     * @param  float  $tolerance  norm of the residual ÷ norm of the load
     * @return array<int, float> temperature by cell, °C; 0 in cells that hold nothing
     *
     * @throws RuntimeException where it does not get there, which no section tried has done
     */
    public function solve(float $tolerance): array
    {
        [$nx, $ny, $s, $size] = [$this->finest->nx, $this->finest->ny, $this->finest->stride, $this->finest->size];
        [$across, $up, $d] = [$this->finest->across, $this->finest->up, $this->finest->diagonal];
        $r = $this->hierarchy->network->steadyLoad();
        $x = $p = $w = array_fill(0, $size, 0.0);
        $goal = 0.0;
        foreach ($r as $value) {
            $goal += $value * $value;
        }
        $goal *= $tolerance * $tolerance;
        $before = 0.0;
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $z = $this->multigrid->answer($r);
            $rho = 0.0;
            for ($q = 0; $q < $size; $q++) {
                $rho += $r[$q] * $z[$q];
            }
            // Nothing drives the field, or nothing is left to correct.
            if ($rho <= 0.0) {
                return $x;
            }
            $beta = $before > 0.0 ? $rho / $before : 0.0;
            $before = $rho;
            for ($q = 0; $q < $size; $q++) {
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
            for ($q = 0; $q < $size; $q++) {
                $x[$q] += $alpha * $p[$q];
                $value = $r[$q] - $alpha * $w[$q];
                $r[$q] = $value;
                $left += $value * $value;
            }
            if ($left <= $goal) {
                return $x;
            }
        }
        throw new RuntimeException('the steady field did not settle');
    }
}
