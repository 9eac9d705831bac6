<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** A strip of insulation at the edge of the floor (ISO 13370:2007, annex B). */
final readonly class EdgeInsulation
{
    /**
     * @param  float  $depth  D: width of a horizontal strip, or depth below ground of a vertical one, m
     * @param  float  $resistance  R_n of the added layer itself, m²K/W
     * @param  float  $thickness  d_n of that layer, m
     */
    public function __construct(
        public EdgeKind $kind,
        public float $depth,
        public float $resistance,
        public float $thickness,
    ) {}

    /** d′ = R′ λ with R′ = R_n − d_n/λ: the ground it displaces is taken off. In m; negative where it insulates less. */
    public function additionalThickness(float $groundConductivity): float
    {
        return $this->resistance * $groundConductivity - $this->thickness;
    }

    public function isSameAs(?self $other): bool
    {
        return $other !== null && [$this->kind, $this->depth, $this->resistance, $this->thickness] === [
            $other->kind, $other->depth, $other->resistance, $other->thickness,
        ];
    }
}
