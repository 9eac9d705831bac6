<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

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
        #[Size('width', sold: new Steps(3.0, 50, 2))]
        public float $width,
        #[Size('height', sold: new Steps(1.5, 25, 1))]
        public float $height,
        #[Size('below ground', sold: new Steps(6.0, 50, 2))]
        public float $depthBelowGrade,
        #[Size('in from the edge')]
        public float $fromEdge,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0 && $this->height > 0.0;
    }
}
