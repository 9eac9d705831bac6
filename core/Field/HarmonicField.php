<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** The amplitudes of a section's temperatures: T(t) = Re(θ̂·e^{+iωt}), on top of the steady field. */
final readonly class HarmonicField
{
    /**
     * @param  array<int, float>  $cellsRe  by cell, K
     * @param  array<int, float>  $cellsIm
     * @param  array<int, float|null>  $nodesRe  by node, K
     * @param  array<int, float|null>  $nodesIm
     * @param  array<string, Complex>  $flows  into the section at each named boundary, W per metre of depth
     * @param  float  $balance  |Σ flows − iω ∫ ρc θ̂| ÷ Σ |flows|: what flows in and is not stored
     */
    private function __construct(
        public Mesh $mesh,
        public array $cellsRe,
        public array $cellsIm,
        public array $nodesRe,
        public array $nodesIm,
        public array $flows,
        public float $balance,
    ) {}

    /** @param  array{array<int, float>, array<int, float>}  $cells */
    public static function of(Network $network, array $cells): self
    {
        [$re, $im] = $cells;
        $boundaries = $network->mesh->problem->boundaries;
        $beyondRe = array_map(static fn (Boundary $b): float => $b->amplitude->re, $boundaries);
        $beyondIm = array_map(static fn (Boundary $b): float => $b->amplitude->im, $boundaries);
        $flowsIm = $network->flows($im, $beyondIm);
        $flows = [];
        foreach ($network->flows($re, $beyondRe) as $name => $flow) {
            $flows[$name] = Complex::of($flow, $flowsIm[$name]);
        }

        return new self(
            $network->mesh, $re, $im,
            NodeValues::of($network, $re, $beyondRe), NodeValues::of($network, $im, $beyondIm),
            $flows, self::balance($network, $re, $im, $flows),
        );
    }

    /**
     * @param  array<int, float>  $re
     * @param  array<int, float>  $im
     * @param  array<string, Complex>  $flows
     */
    private static function balance(Network $network, array $re, array $im, array $flows): float
    {
        $left = Complex::zero();
        $all = 0.0;
        foreach ($flows as $flow) {
            $left = $left->plus($flow);
            $all += $flow->modulus();
        }
        foreach ($network->storage() as $q => $stored) {
            // iω·C·θ̂ turns the real part into the imaginary one and the imaginary into minus the real.
            $left = $stored > 0.0 ? $left->minus(Complex::of(-$stored * $im[$q], $stored * $re[$q])) : $left;
        }
        $least = 1e-6 * $network->drive();

        return $all + $least > 0.0 ? $left->modulus() / max($all, $least) : 0.0;
    }
}
