<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** A corner of the outline, and where the wall that begins there leads. */
final readonly class Corner
{
    /**
     * @param  float  $x  m from the project's origin
     * @param  float  $y  m, up the sheet
     * @param  string  $next  id of the corner at the wall's other end
     * @param  Wall  $wall  what is known of the wall that begins here
     */
    public function __construct(
        public float $x,
        public float $y,
        public string $next,
        public Wall $wall = new Wall,
    ) {}
}
