<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use RuntimeException;

/** The steady field: conjugate gradients preconditioned by multigrid. */
final class SteadySolver
{
    private const MOST_STEPS = 200;

    private readonly ConjugateGradients $gradients;

    public function __construct(private readonly Hierarchy $hierarchy)
    {
        $finest = $hierarchy->finest();
        $this->gradients = new ConjugateGradients(
            $finest->nx, $finest->ny, $finest->across, $finest->up, $finest->diagonal,
            (new SteadyMultigrid($hierarchy))->answer(...),
        );
    }

    /**
     * @param  float  $tolerance  norm of the residual ÷ norm of the load
     * @param  array<int, float>|null  $guess  temperature by cell to begin with, °C
     * @return array<int, float> temperature by cell, °C; 0 in cells that hold nothing
     *
     * @throws RuntimeException where it does not get there, which no section tried has done
     */
    public function solve(float $tolerance, ?array $guess = null): array
    {
        $load = $this->hierarchy->network->steadyLoad();
        $norm = 0.0;
        foreach ($load as $value) {
            $norm += $value * $value;
        }

        return $this->gradients->solve(
            $guess === null ? $load : $this->residual($load, $guess),
            $guess ?? array_fill(0, count($load), 0.0),
            $tolerance * sqrt($norm),
            self::MOST_STEPS,
        )[0];
    }

    /**
     * @param  array<int, float>  $load
     * @param  array<int, float>  $x
     * @return array<int, float> what a guess leaves of the load, W/m
     */
    private function residual(array $load, array $x): array
    {
        $level = $this->hierarchy->finest();
        [$nx, $ny, $s, $across, $up, $d] = [$level->nx, $level->ny, $level->stride, $level->across, $level->up, $level->diagonal];
        for ($j = 1; $j <= $ny; $j++) {
            for ($q = $j * $s + 1, $end = $q + $nx; $q < $end; $q++) {
                $load[$q] -= $d[$q] * $x[$q]
                    - $across[$q - 1] * $x[$q - 1]
                    - $across[$q] * $x[$q + 1]
                    - $up[$q - $s] * $x[$q - $s]
                    - $up[$q] * $x[$q + $s];
            }
        }

        return $load;
    }
}
