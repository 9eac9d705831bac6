<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;
use Ondergrond\Units\Quantity;

/** The vapour barrier under the slab, turned up at the edge to the slab's top. */
final readonly class Sheet implements DesignPart
{
    use Remade;

    /**
     * @param  float  $thickness  m
     * @param  float  $lap  of its lengths over each other, m; 0: not said
     */
    public function __construct(
        #[Size('thickness', quantity: Quantity::SheetThickness, sold: Stock::Sheets)]
        public float $thickness,
        #[Size('lies')]
        public SheetPosition $position,
        #[Size('laps', sold: new Steps(1.0, 50, 2))]
        public float $lap = 0.0,
        #[Size('joints')]
        public SheetJoints $joints = SheetJoints::NotSaid,
        #[Size('at the edge')]
        public SheetEdge $edge = SheetEdge::TurnedUp,
        #[Size('walked on')]
        public Walked $walked = Walked::NotSaid,
        #[Size('class')]
        public SheetClass $class = SheetClass::NotSaid,
        #[Size('against termites', words: ['not-said' => 'not said', 'no' => 'no barrier', 'yes' => 'a barrier by its label'])]
        public Done $barrier = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
