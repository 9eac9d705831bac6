<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Size\Size;

/** A thickness of one material; a thickness of 0 means that it is left out. */
final readonly class Layer implements DesignPart
{
    public Material $material;

    /**
     * @param  Material|string  $material  or its slug in the catalogue
     * @param  float  $thickness  m; 0 where it is left out
     */
    public function __construct(
        #[Size('material')]
        Material|string $material,
        #[Size('thickness')]
        public float $thickness = 0.0,
    ) {
        $this->material = is_string($material) ? Catalogue::get($material) : $material;
    }

    /** @param  float  $thickness m, not negative */
    public static function of(Material $material, float $thickness): self
    {
        return new self($material, $thickness);
    }

    /** Left out, and of that material should it be put in. */
    public static function none(string $material): self
    {
        return new self(Catalogue::get($material), 0.0);
    }

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }

    public function insulates(): bool
    {
        return $this->present() && $this->material->insulates();
    }

    /** Thermal resistance d/λ where it stays dry, m²K/W (ISO 6946, 6.7.1.1). */
    public function resistance(): float
    {
        return $this->thickness / $this->material->conductivity;
    }

    /** Thermal resistance where it lies against the ground outside, m²K/W (ISO 10456:2007, 7.2: λ·F_m). */
    public function wetResistance(): float
    {
        return $this->thickness / $this->material->wetConductivity();
    }

    public function thick(float $thickness): self
    {
        return new self($this->material, $thickness);
    }

    public function made(Material $material): self
    {
        return new self($material, $this->thickness);
    }
}
