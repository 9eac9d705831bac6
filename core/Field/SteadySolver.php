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
        $this->gradients = new ConjugateGradients($finest->nx, $finest->ny, $finest->across, $finest->up, $finest->diagonal, (new SteadyMultigrid($hierarchy))->answer(...));
    }

    /**
     * @param  float  $tolerance  norm of the residual ÷ norm of the load
     * @return array<int, float> temperature by cell, °C; 0 in cells that hold nothing
     *
     * @throws RuntimeException where it does not get there, which no section tried has done
     */
    public function solve(float $tolerance): array
    {
        $load = $this->hierarchy->network->steadyLoad();
        $norm = 0.0;
        foreach ($load as $value) {
            $norm += $value * $value;
        }

        return $this->gradients->solve($load, array_fill(0, count($load), 0.0), $tolerance * sqrt($norm), self::MOST_STEPS)[0];
    }
}
