<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The break at doors: the concrete is held down and filled with foam. A thickness of 0 means there is none. */
final readonly class Threshold implements DesignPart
{
    use Remade;

    /**
     * @param  Layer  $layer  the fill; its thickness is how far the concrete is held down
     * @param  float  $frame  of door and frame across the wall, m; 0: not said
     * @param  float  $sill  top of the sill over the slab, m
     * @param  float  $width  inward from the outer face of the edge, m
     */
    public function __construct(
        #[Size('thickness', sold: new Steps(0.3, 1, 0.5))]
        public Layer $layer,
        #[Size('width', sold: new Steps(1.0, 10, 0.5))]
        public float $width,
        #[Size('depth of door and frame', sold: new Steps(0.4, 5, 0.25))]
        public float $frame = 0.0,
        #[Size('sill over the slab', sold: new Steps(0.2, 1, 0.125))]
        public float $sill = 0.0,
    ) {}

    public function present(): bool
    {
        return $this->layer->present() && $this->width > 0.0;
    }
}
