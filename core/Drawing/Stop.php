<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** A size that a handle can be let go at. */
final readonly class Stop
{
    /**
     * @param  float  $at  where the handle then stands along its axis, m
     * @param  string  $size  as written in the field
     * @param  string  $why  what it meets there; empty for a size as it is bought
     */
    public function __construct(
        public float $at,
        public string $size,
        public string $why = '',
    ) {}
}
