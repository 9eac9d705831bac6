<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The board on the outer face of the edge, from its top down. */
final readonly class OutsideBoard implements DesignPart
{
    use Remade;

    /** @param  float  $depthBelowGrade how far it reaches below the ground outside, m */
    public function __construct(
        public Layer $layer,
        public float $depthBelowGrade,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
