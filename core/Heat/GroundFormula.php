<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** One way in which ISO 13370 reads a floor on or over the ground. */
abstract readonly class GroundFormula
{
    /**
     * @param  float  $area  A, m², overall internal dimensions
     * @param  float  $perimeter  P, exposed perimeter, m
     * @param  float  $groundConductivity  λ, W/(m·K)
     */
    protected function __construct(
        public float $area,
        public float $perimeter,
        public float $groundConductivity,
    ) {}

    /** B′ = A/(0.5 P), m (8.1). */
    public function characteristicDimension(): float
    {
        return $this->area / (0.5 * $this->perimeter);
    }

    /** Which, in words for people. */
    abstract public function label(): string;

    /** Clauses of ISO 13370:2007, steady and periodic. */
    abstract public function clauses(): string;

    /** H_g from inside to outside with what the floor has under it, ψ_g taken as 0, W/K. */
    abstract public function steadyCoefficient(): float;

    /** H_g over the area it goes through: of the floor, with the buried walls where the room has any, W/(m²K). */
    abstract public function transmittance(): float;

    /**
     * What a limit for U is held against: floor and buried wall each, W/(m²K).
     *
     * @return non-empty-array<string, float>
     */
    public function faces(): array
    {
        return ['floor' => $this->transmittance()];
    }

    /**
     * H_pi: answer to a swing inside, W/K.
     *
     * @param  float  $capacity  ρc of the ground, J/(m³·K)
     * @param  float  $period  s
     */
    abstract public function insideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float;

    /**
     * H_pe: answer to a swing outside, W/K.
     *
     * @param  float  $capacity  ρc of the ground, J/(m³·K)
     * @param  float  $period  s
     */
    abstract public function outsideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float;

    /** β, by how much the flow follows the air outside, months (the standard's simplified value). */
    abstract public function outsideLag(): float;

    /**
     * Where H_g goes, W/K; the parts add up to it.
     *
     * @return non-empty-array<string, float>
     */
    abstract public function shares(): array;

    /** @return array<string, float|string|bool|null> what it was worked out from, keys ending in their unit */
    abstract public function inputs(): array;

    /** @return array<string, float|bool> its values on the way, keys ending in their unit */
    abstract public function steps(): array;
}
