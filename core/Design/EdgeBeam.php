<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The thickened edge, cast with the slab; its depth counts from the slab's top. A width of 0 means there is none. */
final readonly class EdgeBeam implements DesignPart
{
    use Remade;

    /**
     * @param  float  $width  m
     * @param  float  $depth  from the top of the slab to the underside of the beam, m
     */
    public function __construct(
        #[Size('width', sold: new Steps(2.0, 50, 2, 100, 4))]
        public float $width,
        #[Size('depth', sold: new Steps(3.0, 50, 2, 100, 4))]
        public float $depth,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0;
    }
}
