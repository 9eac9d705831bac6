<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Pads under posts, poured first and backfilled; boards, sheet and stone go over them. A width of 0 means there are none. */
final readonly class Pads implements DesignPart
{
    use Remade;

    /**
     * @param  float  $width  square in plan, m
     * @param  float  $depthBelowGrade  of the underside, m
     * @param  float  $fromEdge  of the centre, inward from the outer face of the edge, m
     */
    public function __construct(
        public float $width,
        public float $height,
        public float $depthBelowGrade,
        public float $fromEdge,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0 && $this->height > 0.0;
    }
}
