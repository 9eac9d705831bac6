<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** What a substance is once the water in it has frozen, and the heat that this takes. */
final readonly class Frozen
{
    /**
     * @param  float  $conductivity  λ_f, W/(m·K), above 0
     * @param  float  $capacity  (ρc)_f, J/(m³·K), above 0
     * @param  float  $latent  L, J/m³, above 0: 334 kJ/kg × dry density × water content by mass
     */
    public function __construct(
        public float $conductivity,
        public float $capacity,
        public float $latent,
    ) {}
}
