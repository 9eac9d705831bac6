<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

/** The board between the floor and what it is cast against: the beam's inner face, or the stem wall. */
final readonly class InsideBoard implements DesignPart
{
    use Remade;

    /**
     * @param  float  $depth  how far it reaches down from the slab's top, m; 0: as far as the beam or the footing
     * @param  float  $bevel  cut off its lower inner corner at 45°, so that concrete flows under, m
     */
    public function __construct(
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $layer,
        #[Size('depth', sold: new Steps(3.0, 50, 2))]
        public float $depth = 0.0,
        #[Size('bevel', sold: new Steps(0.3, 5, 0.25))]
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
