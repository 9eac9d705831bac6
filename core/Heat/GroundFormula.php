<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** One way in which ISO 13370 reads a floor on or over the ground. */
interface GroundFormula
{
    /** Which, in words for people. */
    public function label(): string;

    /** Clauses of ISO 13370:2007, steady and periodic. */
    public function clauses(): string;

    /** A, m². */
    public function area(): float;

    /** P, m. */
    public function perimeter(): float;

    /** λ of the ground, W/(m·K). */
    public function groundConductivity(): float;

    /** H_g from inside to outside with what the floor has under it, ψ_g taken as 0, W/K. */
    public function steadyCoefficient(): float;

    /** H_g over the area it goes through: of the floor, with the buried walls where the room has any, W/(m²K). */
    public function transmittance(): float;

    /**
     * H_pi: answer to a swing inside, W/K.
     *
     * @param  float  $capacity  ρc of the ground, J/(m³·K)
     * @param  float  $period  s
     */
    public function insideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float;

    /**
     * H_pe: answer to a swing outside, W/K.
     *
     * @param  float  $capacity  ρc of the ground, J/(m³·K)
     * @param  float  $period  s
     */
    public function outsideCoefficient(float $capacity, float $period = PeriodicSlab::YEAR): float;

    /** β, by how much the flow follows the air outside, months (the standard's simplified value). */
    public function outsideLag(): float;

    /**
     * Where H_g goes, W/K; the parts add up to it.
     *
     * @return non-empty-array<string, float>
     */
    public function shares(): array;

    /** @return array<string, float|string|bool|null> what it was worked out from, keys ending in their unit */
    public function inputs(): array;

    /** @return array<string, float|bool> its values on the way, keys ending in their unit */
    public function steps(): array;
}
