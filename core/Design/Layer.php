<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Material;

/** A thickness of one material; a thickness of 0 means that it is left out. */
final readonly class Layer
{
    private function __construct(
        public Material $material,
        public float $thickness,
    ) {}

    /** @param  float  $thickness m, not negative */
    public static function of(Material $material, float $thickness): self
    {
        return new self($material, $thickness);
    }

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }

    /** Thermal resistance d/λ, m²K/W (ISO 6946, 6.7.1.1). */
    public function resistance(): float
    {
        return $this->thickness / $this->material->conductivity;
    }

    public function thick(float $thickness): self
    {
        return new self($this->material, $thickness);
    }
}
