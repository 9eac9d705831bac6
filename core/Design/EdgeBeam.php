<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The thickened edge, cast with the slab; its depth counts from the slab's top. */
final readonly class EdgeBeam
{
    /**
     * @param  float  $width  m
     * @param  float  $depth  from the top of the slab to the underside of the beam, m
     */
    public function __construct(
        public float $width,
        public float $depth,
    ) {}
}
