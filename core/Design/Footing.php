<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The spread footing under a stem or basement wall, centred under it; of the slab's concrete. A width of 0 means there is none. */
final readonly class Footing implements DesignPart
{
    use Remade;

    /**
     * @param  float  $depthBelowGrade of its underside, m
     * @param  Done  $course  a sheet or coat on its top, which keeps water from climbing into the wall
     */
    public function __construct(
        public float $width,
        public float $height,
        public float $depthBelowGrade,
        public Done $course = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0;
    }

    /** Height of its top, m. */
    public function top(): float
    {
        return $this->height - $this->depthBelowGrade;
    }
}
