<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** Heat flow of a slab on the ground under temperatures that swing: ISO 13370:2007, annex A (2017: annex H). */
final readonly class PeriodicSlab
{
    /** Seconds in the period of the yearly swing, as the standard rounds it. */
    public const YEAR = 3.15e7;

    /**
     * @param  float  $groundHeatCapacity  ρc, J/(m³·K)
     * @param  float  $period  s
     */
    public function __construct(
        private SlabOnGround $slab,
        private float $groundHeatCapacity,
        private float $period = self::YEAR,
    ) {}

    /** δ = √(period · λ/(π ρc)), periodic penetration depth, m (A.2). */
    public function penetrationDepth(): float
    {
        return Depths::penetration($this->slab->groundConductivity, $this->groundHeatCapacity, $this->period);
    }

    /** H_pi = A (λ/d_t) √(2/((1 + δ/d_t)² + 1)), W/K: answer to a swing inside. */
    public function insideCoefficient(): float
    {
        return $this->slab->area * Depths::inside(
            $this->slab->groundConductivity,
            $this->slab->equivalentThickness(),
            $this->penetrationDepth(),
        );
    }

    /**
     * H_pe = 0.37 P λ ln(δ/d_t + 1), and its form with edge insulation, W/K: answer to a swing outside. Of several boards at the
     * edge the one that holds back most counts, which at a short period may be another than in the mean of the year; a weaker
     * strip adds what it lets through.
     */
    public function outsideCoefficient(): float
    {
        $bare = $this->withEdge(null);
        $least = $bare;
        foreach ($this->slab->edges as $edge) {
            $least = min($least, $this->withEdge($edge));
        }

        return $least + $this->withEdge($this->slab->weaker) - $bare;
    }

    private function withEdge(?EdgeInsulation $edge): float
    {
        $dt = $this->slab->equivalentThickness();
        $delta = $this->penetrationDepth();
        $perMetre = 0.37 * $this->slab->groundConductivity;
        if ($edge === null) {
            return $this->slab->perimeter * $perMetre * log($delta / $dt + 1);
        }
        $past = exp(-$edge->kind->depthFactor() * $edge->depth / $delta);
        $both = $dt + $edge->additionalThickness($this->slab->groundConductivity);

        return $this->slab->perimeter * $perMetre
            * ((1 - $past) * log($delta / $both + 1) + $past * log($delta / $dt + 1));
    }
}
