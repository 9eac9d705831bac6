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

    /** As much of the bevel as a board of that height has room for; against a stem wall a board is not bevelled, m. */
    public function cut(float $height): float
    {
        return max(0.0, min($this->bevel, $this->layer->thickness, $height));
    }

    public function present(): bool
    {
        return $this->layer->present();
    }
}
