<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The board on the outer face of the edge, from the slab's top down. */
final readonly class OutsideBoard
{
    /** @param  float  $depth how far it reaches below the ground outside, m */
    public function __construct(
        public Layer $board,
        public float $depth,
    ) {}
}
