<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** The answer to a problem: its fields on a mesh fine enough, and how fine that was. */
final readonly class Solution
{
    /** Where the flows cannot settle, the mesh is halved this often and no further. */
    private const HALVINGS_WHERE_TOUCHING = 4;

    /**
     * @param  SteadyField  $first  on the mesh before it was halved, for what need not be as close
     * @param  list<Touching>  $touching  where temperatures meet without resistance, so that no mesh is fine enough
     * @param  bool  $isRough  was not halved as often as its accuracy asks for
     * @param  float  $seconds  it took
     */
    private function __construct(
        public Problem $problem,
        public Mesh $mesh,
        public SteadyField $steady,
        public SteadyField $first,
        public ?HarmonicField $harmonic,
        public Refinement $refinement,
        public array $touching,
        public bool $isRough,
        public float $seconds,
    ) {}

    /**
     * Halves every cell until that changes the flows by less than the accuracy asked for.
     *
     * @param  int|null  $mostCells  at which it stops before that; the first mesh may have more
     *
     * @throws FaultyInput where the problem cannot be laid on a mesh
     */
    public static function of(Problem $problem, ?int $mostCells = null): self
    {
        $start = hrtime(true);
        $touching = Touching::in($problem);
        $mesh = Mesh::of($problem);
        self::refuseLostProbes($problem, $mesh);
        $state = MeshSolution::of($mesh);
        $first = $state->steady;
        $refinement = Refinement::none();
        $isRough = false;
        while (
            ! $refinement->isWithin($problem->accuracy)
            && $mesh->canBeHalved()
            && ($touching === [] || $mesh->halvings < self::HALVINGS_WHERE_TOUCHING)
        ) {
            if ($mostCells !== null && 4 * $mesh->nx * $mesh->ny > $mostCells) {
                $isRough = true;
                break;
            }
            $mesh = $mesh->halved();
            $finer = MeshSolution::of($mesh, $state);
            $refinement = Refinement::between($state, $finer);
            $state = $finer;
            unset($finer);
        }

        return new self(
            $problem, $mesh, $state->steady, $first, $state->harmonic, $refinement, $touching, $isRough, (hrtime(true) - $start) / 1e9,
        );
    }

    /** @throws FaultyInput */
    private static function refuseLostProbes(Problem $problem, Mesh $mesh): void
    {
        $anything = array_fill(0, ($mesh->nx + 1) * ($mesh->ny + 1), 0.0);
        foreach ($problem->probes as $i => $probe) {
            if (NodeValues::at($mesh, $anything, $probe->x, $probe->y) === null) {
                throw FaultyInput::one(
                    Fault::of(
                        "/probes/{$i}",
                        sprintf('a point at x = %.6g m, y = %.6g m', $probe->x, $probe->y),
                        'a point in or on what is painted',
                    ),
                );
            }
        }
    }

    /** Whether the accuracy asked for was reached. */
    public function isAccurate(): bool
    {
        return $this->refinement->isWithin($this->problem->accuracy);
    }

    /** @return float|null °C, null where nothing is painted */
    public function temperatureAt(float $x, float $y): ?float
    {
        return NodeValues::at($this->mesh, $this->steady->nodes, $x, $y);
    }

    /** The swing of the temperature at a point, K; null where nothing is painted or no harmonic answer was asked for. */
    public function amplitudeAt(float $x, float $y): ?Complex
    {
        $re = $this->harmonic === null ? null : NodeValues::at($this->mesh, $this->harmonic->nodesRe, $x, $y);
        $im = $this->harmonic === null ? null : NodeValues::at($this->mesh, $this->harmonic->nodesIm, $x, $y);

        return $re === null || $im === null ? null : Complex::of($re, $im);
    }
}
