<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The strip of floor next to the edge beam where the board differs; a width of 0 means there is none. */
final readonly class PerimeterZone
{
    /** @param  float  $width inward from the inner face of the beam, m */
    public function __construct(
        public Layer $board,
        public float $width,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0;
    }
}
