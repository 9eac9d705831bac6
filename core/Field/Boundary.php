<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * A stretch of edge, horizontal or vertical, with a temperature behind a surface resistance or with a given flux.
 * Stretches may share a name; their flows add. Every edge without one is adiabatic.
 */
final readonly class Boundary
{
    /**
     * @param  float|null  $temperature  of the space beyond, °C; null where a flux is given
     * @param  float  $flux  into the section, W/m²
     * @param  float  $resistance  R_s of the surface, m²K/W, not negative
     * @param  Complex  $amplitude  of the temperature in K, or of the flux in W/m²
     */
    private function __construct(
        public string $name,
        public float $x0,
        public float $y0,
        public float $x1,
        public float $y1,
        public ?float $temperature,
        public float $flux,
        public float $resistance,
        public Complex $amplitude,
    ) {}

    public static function temperature(
        string $name,
        float $x0,
        float $y0,
        float $x1,
        float $y1,
        float $temperature,
        float $resistance,
        ?Complex $amplitude = null,
    ): self {
        return new self($name, $x0, $y0, $x1, $y1, $temperature, 0.0, $resistance, $amplitude ?? Complex::zero());
    }

    public static function flux(string $name, float $x0, float $y0, float $x1, float $y1, float $flux, ?Complex $amplitude = null): self
    {
        return new self($name, $x0, $y0, $x1, $y1, null, $flux, 0.0, $amplitude ?? Complex::zero());
    }

    public function isVertical(): bool
    {
        return $this->x0 === $this->x1;
    }
}
