<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The wall from the footing up to where the building begins: stem, basement or crawlspace wall. A thickness of 0 means there is none. */
final readonly class Stem implements DesignPart
{
    use Remade;

    /** @param  float  $topAboveGrade m */
    public function __construct(
        public Layer $layer,
        public float $topAboveGrade,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
