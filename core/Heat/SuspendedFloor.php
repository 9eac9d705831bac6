<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** A floor over a vented space: ISO 13370:2007, 9.2 and A.5 (2017: 7.3, H). */
final readonly class SuspendedFloor extends GroundFormula
{
    /** From this depth of the space on, its walls count as buried ones (9.2.3), m. */
    private const DEEP = 0.5;

    /**
     * @param  float  $area  m², overall internal dimensions
     * @param  float  $perimeter  exposed perimeter, m
     * @param  float  $wallThickness  w, m
     * @param  float  $groundConductivity  λ, W/(m·K)
     * @param  float  $deckTransmittance  U_f of the suspended floor with R_si 0.17 on both faces, W/(m²K)
     * @param  float  $groundResistance  R_g of insulation on the ground of the space, m²K/W
     * @param  float  $height  h of the floor's top above the ground outside, m
     * @param  float  $wallTransmittance  U_w of the walls of the space above ground, W/(m²K)
     * @param  float  $vents  ε, area of openings for a metre of perimeter, m²/m
     * @param  float  $wind  v, mean speed at 10 m, m/s
     * @param  float  $shelter  f_w, wind shielding factor
     * @param  float  $depth  z of the ground in the space below that outside, m
     * @param  float  $buriedResistance  R_w of the space's buried walls, m²K/W
     */
    public function __construct(
        float $area,
        float $perimeter,
        public float $wallThickness,
        float $groundConductivity,
        public float $deckTransmittance,
        public float $groundResistance,
        public float $height,
        public float $wallTransmittance,
        public float $vents,
        public float $wind,
        public float $shelter,
        public float $depth = 0.0,
        public float $buriedResistance = 0.0,
    ) {
        parent::__construct($area, $perimeter, $groundConductivity);
    }

    public function label(): string
    {
        return 'floor over a vented space';
    }

    public function clauses(): string
    {
        return '9.2, A.5';
    }

    /** d_g = w + λ(R_si + R_g + R_se), m. */
    public function groundThickness(): float
    {
        return $this->wallThickness + $this->groundConductivity * (
            SurfaceResistance::INSIDE_DOWN
            + $this->groundResistance
            + SurfaceResistance::OUTSIDE
        );
    }

    /**
     * U_g of the ground of the space, W/(m²K): 2λ/(πB′ + d_g)·ln(πB′/d_g + 1), for any d_g (9.2.2); with its buried walls where
     * it is deeper than half a metre (9.2.3), and of less deep ones by the share of that depth.
     */
    public function groundTransmittance(): float
    {
        $b = M_PI * $this->characteristicDimension();
        $d = $this->groundThickness();
        $level = 2 * $this->groundConductivity / ($b + $d) * log($b / $d + 1);
        if ($this->depth <= 0.0) {
            return $level;
        }
        $wall = $this->groundConductivity * (SurfaceResistance::INSIDE_HORIZONTAL + $this->buriedResistance + SurfaceResistance::OUTSIDE);
        $deep = Depths::floor($this->groundConductivity, $this->characteristicDimension(), $d, $this->depth)
            + $this->depth * $this->perimeter / $this->area * Depths::wall($this->groundConductivity, $this->depth, $d, $wall);

        return $level + min(1.0, $this->depth / self::DEEP) * ($deep - $level);
    }

    /** U_x = 2hU_w/B′ + 1450 ε v f_w/B′: through the space's walls and with its air, W/(m²K). */
    public function airTransmittance(): float
    {
        return (
            2 * $this->height * $this->wallTransmittance
            + 1450 * $this->vents * $this->wind * $this->shelter
        ) / $this->characteristicDimension();
    }

    /** 1/U = 1/U_f + 1/(U_g + U_x). */
    public function transmittance(): float
    {
        return 1 / (1 / $this->deckTransmittance + 1 / ($this->groundTransmittance() + $this->airTransmittance()));
    }

    public function steadyCoefficient(): float
    {
        return $this->area * $this->transmittance();
    }

    /** H_pi = A/[1/U_f + 1/(λ/δ + U_x)], W/K. */
    public function insideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        $ground = $this->groundConductivity / Depths::penetration($this->groundConductivity, $capacity, $period);

        return $this->area / (1 / $this->deckTransmittance + 1 / ($ground + $this->airTransmittance()));
    }

    /** H_pe = U_f(0.37 P λ ln(δ/d_g + 1) + U_x A)/(λ/δ + U_x + U_f), W/K. */
    public function outsideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float
    {
        $delta = Depths::penetration($this->groundConductivity, $capacity, $period);
        $air = $this->airTransmittance();

        return $this->deckTransmittance
            * (0.37 * $this->perimeter * $this->groundConductivity * log($delta / $this->groundThickness() + 1) + $air * $this->area)
            / ($this->groundConductivity / $delta + $air + $this->deckTransmittance);
    }

    /** Air outside reaches the space at once. */
    public function outsideLag(): float
    {
        return 0.0;
    }

    public function shares(): array
    {
        $ground = $this->groundTransmittance();
        $all = $ground + $this->airTransmittance();

        return [
            'by the ground' => $this->steadyCoefficient() * $ground / $all,
            'by walls and air' => $this->steadyCoefficient() * (1 - $ground / $all),
        ];
    }

    public function inputs(): array
    {
        return [
            'u_deck_w_m2k' => $this->deckTransmittance, 'r_ground' => $this->groundResistance, 'height_m' => $this->height,
            'depth_m' => $this->depth,
            'u_space_wall_w_m2k' => $this->wallTransmittance, 'vents_m2_per_m' => $this->vents, 'wind_m_s' => $this->wind,
            'f_w' => $this->shelter,
            'wall_thickness_m' => $this->wallThickness, 'rsi' => SurfaceResistance::INSIDE_DOWN, 'rse' => SurfaceResistance::OUTSIDE,
        ];
    }

    public function steps(): array
    {
        return [
            'b_m' => $this->characteristicDimension(),
            'd_g_m' => $this->groundThickness(),
            'u_g_w_m2k' => $this->groundTransmittance(),
            'u_x_w_m2k' => $this->airTransmittance(),
        ];
    }
}
