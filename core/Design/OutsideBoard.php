<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

/** The board on the outer face of the edge, from its top down. */
final readonly class OutsideBoard implements DesignPart
{
    use Remade;

    /**
     * @param  float  $depthBelowGrade  how far it reaches below the ground outside, m
     * @param  float  $wedge  by which a wedge-shaped block is thicker at its foot than at its top, m; 0: even
     */
    public function __construct(
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $layer,
        #[Size('below ground', sold: new Steps(6.0, 50, 2))]
        public float $depthBelowGrade,
        #[Size('held by')]
        public BoardHeld $held = BoardHeld::NotSaid,
        #[Size('thicker at its foot by', sold: new Steps(0.3, 10, 0.5))]
        public float $wedge = 0.0,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
