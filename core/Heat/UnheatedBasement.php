<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** A floor over a basement that is not heated: ISO 13370:2007, 9.4 and A.6 (2017: 7.5, H). */
final readonly class UnheatedBasement extends GroundFormula
{
    /** Heat that goes with a cubic metre of air, Wh/(m³·K). */
    private const AIR = 0.33;

    /**
     * @param  float  $area  m², overall internal dimensions
     * @param  float  $perimeter  exposed perimeter, m
     * @param  float  $wallThickness  w, m
     * @param  float  $groundConductivity  λ, W/(m·K)
     * @param  float  $depth  z of the basement's floor below the ground, m
     * @param  float  $floorResistance  R_f of the basement's floor, m²K/W
     * @param  float  $wallResistance  R_w of its buried walls, m²K/W
     * @param  float  $deckTransmittance  U_f of the floor over it with R_si 0.17 on both faces, W/(m²K)
     * @param  float  $height  h of that floor's top above the ground outside, m
     * @param  float  $wallTransmittance  U_w of the basement's walls above ground, W/(m²K)
     * @param  float  $airChanges  n, 1/h
     * @param  float  $volume  V of its air, m³
     */
    public function __construct(
        float $area,
        float $perimeter,
        public float $wallThickness,
        float $groundConductivity,
        public float $depth,
        public float $floorResistance,
        public float $wallResistance,
        public float $deckTransmittance,
        public float $height,
        public float $wallTransmittance,
        public float $airChanges,
        public float $volume,
    ) {
        parent::__construct($area, $perimeter, $groundConductivity);
    }

    /** The basement itself, as if it were heated. */
    public function basement(): HeatedBasement
    {
        return new HeatedBasement(
            $this->area, $this->perimeter, $this->wallThickness, $this->groundConductivity, max(1e-6, $this->depth),
            $this->floorResistance, $this->wallResistance,
        );
    }

    public function label(): string
    {
        return 'floor over an unheated basement';
    }

    public function clauses(): string
    {
        return '9.4, A.6';
    }

    /** Walls above ground and air: hPU_w + 0.33 n V, W/K. */
    private function toAir(): float
    {
        return $this->height * $this->perimeter * $this->wallTransmittance + self::AIR * $this->airChanges * $this->volume;
    }

    /** 1/U = 1/U_f + A/(A U_bf + z P U_bw + h P U_w + 0.33 n V). */
    public function transmittance(): float
    {
        return 1 / (1 / $this->deckTransmittance + $this->area / ($this->basement()->steadyCoefficient() + $this->toAir()));
    }

    public function steadyCoefficient(): float
    {
        return $this->area * $this->transmittance();
    }

    /** H_pi = 1/[1/(A U_f) + 1/((A + zP)λ/δ + hPU_w + 0.33nV)], W/K. */
    public function insideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        return 1 / (1 / ($this->area * $this->deckTransmittance) + 1 / $this->away($capacity, $period));
    }

    /** H_pe = A U_f(0.37 P λ(2 − e^(−z/δ)) ln(δ/d_t + 1) + hPU_w + 0.33nV)/((A + zP)λ/δ + hPU_w + 0.33nV + A U_f), W/K. */
    public function outsideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        $delta = Depths::penetration($this->groundConductivity, $capacity, $period);
        $ground = 0.37 * $this->perimeter * $this
            ->groundConductivity * (2 - exp(-$this->depth / $delta)) * log($delta / $this->basement()->floorThickness() + 1);

        return $this->area * $this->deckTransmittance * ($ground + $this->toAir()) / (
            $this->away($capacity, $period)
            + $this->area * $this->deckTransmittance
        );
    }

    /** From the basement's air into ground and air outside at that period, W/K. */
    private function away(float $capacity, float $period): float
    {
        $delta = Depths::penetration($this->groundConductivity, $capacity, $period);

        return ($this->area + $this->depth * $this->perimeter) * $this->groundConductivity / $delta + $this->toAir();
    }

    public function outsideLag(): float
    {
        return YearlyFlow::OUTSIDE_LAG;
    }

    public function shares(): array
    {
        $ground = $this->basement()->steadyCoefficient();
        $share = $ground / ($ground + $this->toAir());

        return ['by the ground' => $this->steadyCoefficient() * $share, 'by walls and air' => $this->steadyCoefficient() * (1 - $share)];
    }

    public function inputs(): array
    {
        return [
            'u_deck_w_m2k' => $this->deckTransmittance, 'depth_m' => $this->depth, 'r_floor' => $this->floorResistance,
            'r_wall' => $this->wallResistance,
            'height_m' => $this->height, 'u_space_wall_w_m2k' => $this->wallTransmittance, 'air_changes_per_h' => $this->airChanges,
            'volume_m3' => $this->volume,
            'wall_thickness_m' => $this->wallThickness, 'rsi' => SurfaceResistance::INSIDE_DOWN, 'rse' => SurfaceResistance::OUTSIDE,
        ];
    }

    public function steps(): array
    {
        return $this->basement()->steps();
    }
}
