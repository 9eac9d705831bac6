<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use DomainException;

/** Steady heat flow of a slab on the ground: ISO 13370:2007, 9.1 and annex B (2017: 7.2 and annex D). */
final readonly class SlabOnGround extends GroundFormula
{
    /**
     * @param  list<EdgeInsulation>  $edges  that take something off
     * @param  EdgeInsulation|null  $edge  that takes most off
     * @param  EdgeInsulation|null  $weaker  strip along the edge with less than the floor has: R_n below 0
     */
    private function __construct(
        float $area,
        float $perimeter,
        public float $wallThickness,
        float $groundConductivity,
        public float $floorResistance,
        public float $rsi,
        public float $rse,
        public array $edges,
        public ?EdgeInsulation $edge,
        public ?EdgeInsulation $weaker,
    ) {
        parent::__construct($area, $perimeter, $groundConductivity);
    }

    /**
     * With horizontal and vertical edge insulation both, the one that takes off more is counted, never the sum
     * (annex B.1); one that takes nothing off is not counted.
     *
     * @param  float  $area  m², overall internal dimensions
     * @param  float  $perimeter  exposed perimeter, m
     * @param  float  $wallThickness  w, full thickness of the walls with finishes, m
     * @param  float  $groundConductivity  λ, W/(m·K)
     * @param  float  $floorResistance  R_f of all-over insulation; dense slab and hardcore stay out of it, m²K/W
     * @param  list<EdgeInsulation>  $edges  the candidates
     * @param  EdgeInsulation|null  $weaker  strip along the edge with less than the floor has: R_n below 0
     */
    public static function of(
        float $area,
        float $perimeter,
        float $wallThickness,
        float $groundConductivity,
        float $floorResistance,
        array $edges = [],
        float $rsi = SurfaceResistance::INSIDE_DOWN,
        float $rse = SurfaceResistance::OUTSIDE,
        ?EdgeInsulation $weaker = null,
    ): self {
        $bare = new self($area, $perimeter, $wallThickness, $groundConductivity, $floorResistance, $rsi, $rse, [], null, $weaker);
        $saving = [];
        $best = null;
        $least = 0.0;
        foreach ($edges as $edge) {
            $correction = $bare->correction($edge);
            if ($correction < 0.0) {
                $saving[] = $edge;
            }
            if ($correction < $least) {
                [$best, $least] = [$edge, $correction];
            }
        }

        return new self($area, $perimeter, $wallThickness, $groundConductivity, $floorResistance, $rsi, $rse, $saving, $best, $weaker);
    }

    /** d_t = w + λ(R_si + R_f + R_se), m. */
    public function equivalentThickness(): float
    {
        return $this->wallThickness + $this->groundConductivity * ($this->rsi + $this->floorResistance + $this->rse);
    }

    /** U₀ without edge insulation, W/(m²K): one formula below d_t = B′, another for well insulated floors. */
    public function transmittanceWithoutEdge(): float
    {
        return $this->transmittanceOf($this->equivalentThickness());
    }

    private function transmittanceOf(float $dt): float
    {
        return Depths::floor($this->groundConductivity, $this->characteristicDimension(), $dt);
    }

    /**
     * Δψ = −(λ/π)[ln(D/d_t + 1) − ln(D/(d_t + d′) + 1)], with 2D for D where it is vertical, W/(m·K).
     *
     * @throws DomainException where d_t + d′ is not positive
     */
    public function edgeCorrection(): float
    {
        return $this->edge === null ? 0.0 : $this->correction($this->edge);
    }

    /** The same of a strip that is weaker than the floor: above 0, W/(m·K). */
    public function weakerCorrection(): float
    {
        return $this->weaker === null ? 0.0 : $this->correction($this->weaker);
    }

    private function correction(EdgeInsulation $edge): float
    {
        $dt = $this->equivalentThickness();
        $both = $dt + $edge->additionalThickness($this->groundConductivity);
        if ($both <= 0.0) {
            throw new DomainException('The edge layer insulates so much less than the ground it displaces that the formula does not hold.');
        }
        $depth = $edge->kind->depthFactor() * $edge->depth;

        return -$this->groundConductivity / M_PI * (log($depth / $dt + 1) - log($depth / $both + 1));
    }

    /** U = U₀ + 2Δψ/B′, W/(m²K), held at transmittanceFloor() where the formula would go below it. */
    public function transmittance(): float
    {
        return min(max($this->transmittanceByFormula(), $this->transmittanceFloor()), $this->transmittanceCeiling());
    }

    /**
     * Whether U is held. Under small floors with deep edge boards the formula takes off more than is there, down to
     * negative U-values.
     */
    public function edgeIsHeld(): bool
    {
        return $this->transmittanceByFormula() < $this->transmittanceFloor();
    }

    private function transmittanceByFormula(): float
    {
        return $this->transmittanceWithoutEdge() + 2 * ($this->edgeCorrection() + $this->weakerCorrection()) / $this
            ->characteristicDimension();
    }

    /** No strip along the edge saves more than the same layer under the whole floor would: U₀ with d_t + d′, W/(m²K). */
    private function transmittanceFloor(): float
    {
        $added = max(0.0, $this->edge?->additionalThickness($this->groundConductivity) ?? 0.0);

        return $this->transmittanceOf($this->equivalentThickness() + $added);
    }

    /** A weaker strip loses no more than its board under the whole floor would, W/(m²K). */
    private function transmittanceCeiling(): float
    {
        return $this->weaker === null ? INF : $this->transmittanceOf(
            $this->equivalentThickness() + $this->weaker->additionalThickness($this->groundConductivity),
        );
    }

    /** H_g = A U + P ψ_g, W/K. The wall/floor junction's ψ_g is taken as 0 until the section is solved. */
    public function steadyCoefficient(): float
    {
        return $this->area * $this->transmittance();
    }

    public function label(): string
    {
        return 'slab on the ground';
    }

    public function clauses(): string
    {
        return '9.1, annex B, A.3';
    }

    public function insideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        return (new PeriodicSlab($this, $capacity, $period))->insideCoefficient();
    }

    public function outsideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        return (new PeriodicSlab($this, $capacity, $period))->outsideCoefficient();
    }

    public function outsideLag(): float
    {
        return YearlyFlow::OUTSIDE_LAG;
    }

    public function shares(): array
    {
        return ['floor' => $this->steadyCoefficient()];
    }

    public function inputs(): array
    {
        return [
            'wall_thickness_m' => $this->wallThickness, 'r_floor' => $this->floorResistance, 'rsi' => $this->rsi, 'rse' => $this->rse,
            'edge_kind' => $this->edge?->kind->value, 'edge_depth_m' => $this->edge?->depth, 'edge_r' => $this->edge?->resistance,
            'edge_thickness_m' => $this->edge?->thickness,
        ];
    }

    public function steps(): array
    {
        return [
            'b_m' => $this->characteristicDimension(), 'd_t_m' => $this->equivalentThickness(),
            'u0_w_m2k' => $this->transmittanceWithoutEdge(),
            'delta_psi_w_mk' => $this->edgeCorrection(), 'delta_psi_weaker_w_mk' => $this->weakerCorrection(),
            'edge_held' => $this->edgeIsHeld(),
        ];
    }
}
