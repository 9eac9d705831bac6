<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The board between the floor and what it is cast against: the beam's inner face, or the stem wall. */
final readonly class InsideBoard implements DesignPart
{
    use Remade;

    /**
     * @param  float  $depth  how far it reaches down from the slab's top, m; 0: as far as the beam or the footing
     * @param  float  $bevel  cut off its lower inner corner at 45°, so that concrete flows under, m
     */
    public function __construct(
        public Layer $layer,
        public float $depth = 0.0,
        public float $bevel = 0.0,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
