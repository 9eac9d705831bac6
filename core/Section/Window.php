<?php

declare(strict_types=1);

namespace Ondergrond\Section;

/** How much of the section is wanted: distances from the beam's outer face at ground level, m. */
final readonly class Window
{
    public function __construct(
        public float $inward,
        public float $outward,
        public float $up,
        public float $down,
    ) {}
}
