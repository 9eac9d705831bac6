<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** A door in a wall: where the slab runs out under a sill. */
final readonly class Opening
{
    /**
     * @param  string  $wall  id of the corner that its wall begins at
     * @param  float  $from  along the wall, from that corner to the near jamb, m
     * @param  float  $width  m
     */
    public function __construct(
        public string $wall,
        public float $from,
        public float $width,
    ) {}
}
