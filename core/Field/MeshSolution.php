<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** A problem solved on one mesh. */
final readonly class MeshSolution
{
    /** Sum of the steady flows ÷ Σ|flow| (ISO 10211:2007, annex A asks for 0.001). */
    private const BALANCE = 1e-6;

    /** Norm of the residual ÷ norm of the load; the next is taken where the flows do not balance yet. */
    private const TOLERANCES = [1e-7, 1e-9, 1e-11];

    private function __construct(
        public Network $network,
        public SteadyField $steady,
        public ?HarmonicField $harmonic,
    ) {}

    /** @param  self|null  $coarser  of the mesh that this one was halved from, to begin with */
    public static function of(Mesh $mesh, ?self $coarser = null): self
    {
        $network = Network::of($mesh);
        $hierarchy = Hierarchy::of($network);

        return new self(
            $network,
            self::steady($hierarchy, $coarser?->steady),
            $mesh->problem->swings() ? self::harmonic($hierarchy, $coarser?->harmonic) : null,
        );
    }

    private static function steady(Hierarchy $hierarchy, ?SteadyField $coarser): SteadyField
    {
        $solver = new SteadySolver($hierarchy);
        $cells = $coarser === null ? null : $hierarchy->interpolated($coarser->cells);
        foreach (self::TOLERANCES as $tolerance) {
            $cells = $solver->solve($tolerance, $cells);
            $field = SteadyField::of($hierarchy->network, $cells);
            if ($field->balance < self::BALANCE) {
                return $field;
            }
        }
        throw new Unsolved('the flows of the steady field do not balance');
    }

    private static function harmonic(Hierarchy $hierarchy, ?HarmonicField $coarser): HarmonicField
    {
        $solver = new HarmonicSolver($hierarchy);
        $cells = $coarser === null ? null : [$hierarchy->interpolated($coarser->cellsRe), $hierarchy->interpolated($coarser->cellsIm)];
        foreach (self::TOLERANCES as $tolerance) {
            $cells = $solver->solve($tolerance, $cells);
            $field = HarmonicField::of($hierarchy->network, $cells);
            if ($field->balance < self::BALANCE) {
                return $field;
            }
        }
        throw new Unsolved('the flows of the harmonic field do not balance');
    }

    /**
     * Lowest surface temperature at the boundaries of warm spaces, those above the middle of the span, °C; null where no temperatures
     * differ.
     */
    public function lowestInsideSurface(): ?float
    {
        $mesh = $this->network->mesh;
        $span = $mesh->problem->span();
        if ($span === null) {
            return null;
        }
        $warm = ($span[0] + $span[1]) / 2;
        $lowest = INF;
        foreach ($this->network->faceCell as $f => $q) {
            if ($mesh->problem->boundaries[$this->network->faceBoundary[$f]]->temperature > $warm) {
                foreach ($this->ends($q, $this->network->faceSide[$f]) as $node) {
                    $lowest = min($lowest, $this->steady->nodes[$node] ?? INF);
                }
            }
        }

        return is_finite($lowest) ? $lowest : null;
    }

    /** @return array{int, int} the nodes at both ends of a cell's face */
    private function ends(int $cell, int $side): array
    {
        $columns = $this->network->mesh->nx + 1;
        $s = $this->network->mesh->stride;
        // The node below left of the cell.
        $n = (intdiv($cell, $s) - 1) * $columns + $cell % $s - 1;

        return match ($side) {
            1 => [$n + 1, $n + 1 + $columns],
            -1 => [$n, $n + $columns],
            $s => [$n + $columns, $n + $columns + 1],
            default => [$n, $n + 1],
        };
    }
}
