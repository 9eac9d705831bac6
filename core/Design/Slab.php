<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The concrete slab and how high its top stands. */
final readonly class Slab
{
    /** @param  float  $topAboveGrade height of the slab's top over the ground outside, m */
    public function __construct(
        public Layer $layer,
        public float $topAboveGrade,
    ) {}
}
