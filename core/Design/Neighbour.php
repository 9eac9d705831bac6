<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The slab of an unheated garage or porch against the heated one: a section of its own. A width of 0 means there is none. */
final readonly class Neighbour implements DesignPart
{
    use Remade;

    /**
     * @param  Layer  $layer  the board between the two slabs, full thickness of the edge
     * @param  float  $width  of the neighbour's slab, away from the building, m
     * @param  float  $slab  its thickness, m
     * @param  float  $topAboveGrade  m
     * @param  float  $edgeBoard  thickness of the board at its outer edge, m
     * @param  Done  $flashing  over the joint, lapped up the wall and on to the slab
     */
    public function __construct(
        public Layer $layer,
        public float $width,
        public float $slab,
        public float $topAboveGrade,
        public float $edgeBoard,
        public Done $flashing = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0;
    }
}
