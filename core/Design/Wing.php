<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

/** The board that lies outside in the ground and keeps frost from under the edge. */
final readonly class Wing implements DesignPart
{
    use Remade;

    /**
     * @param  float  $width  outward from the outer board, m
     * @param  float  $depth  of its top below the ground, at the building, m
     * @param  float  $fall  over its whole width, away from the building, m
     * @param  float  $cornerThickness  of the board at outer corners, m; 0 where it is as along the walls
     * @param  float  $cornerWidth  how far it reaches out there, m; 0 as along the walls
     * @param  float  $cornerLength  how far along each wall from the corner that goes, m
     * @param  Done  $protected  by a board in the ground over it, where it lies shallow or reaches far
     */
    public function __construct(
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $layer,
        #[Size('width', sold: new Steps(4.0, 100, 4))]
        public float $width,
        #[Size('depth', sold: new Steps(3.0, 50, 2))]
        public float $depth,
        #[Size('falls', sold: new Steps(1.0, 10, 0.5))]
        public float $fall,
        #[Size('thickness at corners')]
        public float $cornerThickness = 0.0,
        #[Size('width at corners')]
        public float $cornerWidth = 0.0,
        #[Size('along the wall from corners')]
        public float $cornerLength = 0.0,
        #[Size('protection over it', words: ['not-said' => 'protection: not said', 'no' => 'not protected', 'yes' => 'board over it'])]
        public Done $protected = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->layer->present() && $this->width > 0.0;
    }

    /** How thick it is at outer corners, m. */
    public function atCorner(): float
    {
        return $this->cornerThickness > 0.0 ? $this->cornerThickness : $this->layer->thickness;
    }

    /** Whether corners are as the walls are. */
    public function isEven(): bool
    {
        return $this->atCorner() <= $this->layer->thickness && $this->outAtCorner() <= $this->width;
    }

    /** How far it reaches out at corners, m. */
    public function outAtCorner(): float
    {
        return max($this->width, $this->cornerWidth);
    }
}
