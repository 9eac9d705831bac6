<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** A heated room below the ground, or a conditioned crawlspace: ISO 13370:2007, 9.3 and A.4 (2017: 7.4, H). */
final readonly class HeatedBasement extends GroundFormula
{
    /**
     * @param  float  $area  m², overall internal dimensions
     * @param  float  $perimeter  exposed perimeter, m
     * @param  float  $wallThickness  w, full thickness of the walls at ground level, m
     * @param  float  $groundConductivity  λ, W/(m·K)
     * @param  float  $depth  z of the floor below the ground, mean along the perimeter, m
     * @param  float  $floorResistance  R_f, m²K/W
     * @param  float  $wallResistance  R_w of all layers of the buried wall, m²K/W
     * @param  float  $rsi  at the floor, m²K/W; 0 where its pipes' plane gives the heat
     */
    public function __construct(
        float $area,
        float $perimeter,
        public float $wallThickness,
        float $groundConductivity,
        public float $depth,
        public float $floorResistance,
        public float $wallResistance,
        public float $rsi = SurfaceResistance::INSIDE_DOWN,
    ) {
        parent::__construct($area, $perimeter, $groundConductivity);
    }

    public function label(): string
    {
        return 'heated basement';
    }

    public function clauses(): string
    {
        return '9.3, A.4';
    }

    /** d_t = w + λ(R_si + R_f + R_se), m. */
    public function floorThickness(): float
    {
        return $this->wallThickness + $this->groundConductivity * ($this->rsi + $this->floorResistance + SurfaceResistance::OUTSIDE);
    }

    /** d_w = λ(R_si + R_w + R_se), m: it has no w. */
    public function wallEquivalent(): float
    {
        return $this->groundConductivity * (SurfaceResistance::INSIDE_HORIZONTAL + $this->wallResistance + SurfaceResistance::OUTSIDE);
    }

    /** U_bf, W/(m²K). */
    public function floorTransmittance(): float
    {
        return Depths::floor($this->groundConductivity, $this->characteristicDimension(), $this->floorThickness(), $this->depth);
    }

    /** U_bw per m² of buried wall, W/(m²K). */
    public function wallTransmittance(): float
    {
        return Depths::wall($this->groundConductivity, $this->depth, $this->floorThickness(), $this->wallEquivalent());
    }

    public function steadyCoefficient(): float
    {
        return $this->area * $this->floorTransmittance() + $this->depth * $this->perimeter * $this->wallTransmittance();
    }

    public function transmittance(): float
    {
        return $this->steadyCoefficient() / ($this->area + $this->depth * $this->perimeter);
    }

    public function faces(): array
    {
        return ['floor' => $this->floorTransmittance(), 'buried wall' => $this->wallTransmittance()];
    }

    public function insideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        $delta = Depths::penetration($this->groundConductivity, $capacity, $period);

        return $this->area * Depths::inside($this->groundConductivity, $this->floorThickness(), $delta)
            + $this->depth * $this->perimeter * Depths::inside($this->groundConductivity, $this->wallEquivalent(), $delta);
    }

    /** H_pe = 0.37 P λ[e^(−z/δ) ln(δ/d_t + 1) + 2(1 − e^(−z/δ)) ln(δ/d_w + 1)], W/K. */
    public function outsideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        $delta = Depths::penetration($this->groundConductivity, $capacity, $period);
        $past = exp(-$this->depth / $delta);

        return 0.37 * $this->perimeter * $this->groundConductivity
            * ($past * log($delta / $this->floorThickness() + 1) + 2 * (1 - $past) * log($delta / $this->wallEquivalent() + 1));
    }

    public function outsideLag(): float
    {
        return YearlyFlow::OUTSIDE_LAG;
    }

    public function shares(): array
    {
        return [
            'floor' => $this->area * $this->floorTransmittance(),
            'buried wall' => $this->depth * $this->perimeter * $this->wallTransmittance(),
        ];
    }

    public function inputs(): array
    {
        return [
            'depth_m' => $this->depth, 'r_floor' => $this->floorResistance, 'r_wall' => $this->wallResistance, 'rsi' => $this->rsi,
            'rsi_wall' => SurfaceResistance::INSIDE_HORIZONTAL, 'rse' => SurfaceResistance::OUTSIDE,
            'wall_thickness_m' => $this->wallThickness,
        ];
    }

    public function steps(): array
    {
        return [
            'b_m' => $this->characteristicDimension(), 'd_t_m' => $this->floorThickness(), 'd_w_m' => $this->wallEquivalent(),
            'u_bf_w_m2k' => $this->floorTransmittance(), 'u_bw_w_m2k' => $this->wallTransmittance(),
        ];
    }
}
