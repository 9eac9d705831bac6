<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The wall from the footing up to where the building begins: stem, basement or crawlspace wall. A thickness of 0 means there is none. */
final readonly class Stem implements DesignPart
{
    use Remade;

    /** @param  float  $topAboveGrade m */
    public function __construct(
        #[Size('thickness', sold: new Steps(0.6, 10, 0.5))]
        public Layer $layer,
        #[Size('top above the ground', sold: new Steps(2.0, 10, 0.5))]
        public float $topAboveGrade,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
