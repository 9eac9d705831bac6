<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

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
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $layer,
        #[Size('width', sold: new Steps(30.0, 250, 12))]
        public float $width,
        #[Size('its slab', key: 'slab_m', sold: new Steps(0.5, 10, 0.5, 50, 2))]
        public float $slab,
        #[Size('top above the ground', sold: new Steps(1.5, 10, 0.5))]
        public float $topAboveGrade,
        #[Size('board at its edge', sold: new Steps(0.3, 5, 0.125))]
        public float $edgeBoard,
        #[Size('flashing', words: ['not-said' => 'flashing: not said', 'no' => 'no flashing', 'yes' => 'flashing lapped both ways'])]
        public Done $flashing = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0;
    }
}
