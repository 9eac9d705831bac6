<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The concrete slab and how high its top stands; in a crawlspace it may be left out, and its top is then the ground's. */
final readonly class Slab implements DesignPart
{
    use Remade;

    /**
     * @param  float  $topAboveGrade height of the slab's top over the ground outside, m; negative in a basement
     * @param  float  $waterCement  water over cement by mass in its concrete
     */
    public function __construct(
        #[Size('thickness', sold: new Steps(0.5, 10, 0.5, 50, 2))]
        public Layer $layer,
        #[Size('top above the ground', sold: new Steps(1.5, 50, 1, belowMm: 6000, belowInches: 236))]
        public float $topAboveGrade,
        #[Size('water over cement', key: 'water_cement_ratio')]
        public float $waterCement = 0.5,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }

    /** Height of its underside, m. */
    public function underside(): float
    {
        return $this->topAboveGrade - $this->layer->thickness;
    }
}
