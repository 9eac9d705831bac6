<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** A groove left in the slab's top along the edge, such as for the track of a sliding door. A width of 0 means there is none. */
final readonly class Recess implements DesignPart
{
    use Remade;

    /** @param  float  $fromEdge of its outer side, inward from the outer face of the edge, m */
    public function __construct(
        #[Size('width', sold: new Steps(1.0, 10, 0.5))]
        public float $width,
        #[Size('depth', sold: new Steps(0.3, 5, 0.25))]
        public float $depth,
        #[Size('in from the edge')]
        public float $fromEdge,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0 && $this->depth > 0.0;
    }
}
