<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The damp-proof course across the wall, joined to the floor's sheet. A thickness of 0 means there is none. */
final readonly class Dpc implements DesignPart
{
    use Remade;

    public function __construct(
        public float $thickness,
        public float $heightAboveGrade,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
