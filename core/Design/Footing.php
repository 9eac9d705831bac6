<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The spread footing under a stem or basement wall, centred under it; of the slab's concrete. A width of 0 means there is none. */
final readonly class Footing implements DesignPart
{
    use Remade;

    /**
     * @param  float  $depthBelowGrade of its underside, m
     * @param  Done  $course  a sheet or coat on its top, which keeps water from climbing into the wall
     */
    public function __construct(
        #[Size('width', sold: new Steps(3.0, 50, 2))]
        public float $width,
        #[Size('height', sold: new Steps(1.5, 50, 2, 100, 4))]
        public float $height,
        #[Size('below ground', sold: new Steps(8.0, 50, 2))]
        public float $depthBelowGrade,
        #[Size(
            'course on its top',
            words: ['not-said' => 'course on it: not said', 'no' => 'no course on it', 'yes' => 'a course on its top'],
        )]
        public Done $course = Done::NotSaid,
        #[Size('poured')]
        public Casting $casting = Casting::NotSaid,
        #[Size('forms braced', words: ['not-said' => 'not said', 'no' => 'not braced', 'yes' => 'braced against each other'])]
        public Done $braced = Done::NotSaid,
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
