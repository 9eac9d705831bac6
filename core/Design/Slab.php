<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The concrete slab and how high its top stands; in a crawlspace it may be left out, and its top is then the ground's. */
final readonly class Slab implements DesignPart
{
    use Remade;

    /**
     * @param  float  $topAboveGrade height of the slab's top over the ground outside, m; negative in a basement
     * @param  float  $waterCement  water over cement by mass in its concrete
     */
    public function __construct(
        public Layer $layer,
        public float $topAboveGrade,
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
