<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;
use Ondergrond\Units\Quantity;

/** The waterproofing or damp-proofing on the outer face of the stem, from the footing up. A thickness of 0 means there is none. */
final readonly class Membrane implements DesignPart
{
    use Remade;

    /**
     * @param  float  $topAboveGrade m; negative where it stops below the ground
     * @param  float  $lap  of its lengths over each other, m; 0: not said; a coat has none
     * @param  Done  $waterstop  whether the joint of wall and floor is sealed against water that presses
     * @param  Done  $underFloor  whether waterproofing that stands pressing water goes on under the floor
     */
    public function __construct(
        #[Size('thickness', quantity: Quantity::SheetThickness, sold: Stock::Sheets)]
        public float $thickness,
        #[Size('top above the ground', sold: new Steps(2.0, 10, 0.5))]
        public float $topAboveGrade,
        #[Size('kind')]
        public MembraneKind $kind = MembraneKind::NotSaid,
        #[Size('laps', sold: new Steps(1.0, 50, 2))]
        public float $lap = 0.0,
        #[Size(
            'joint of wall and floor',
            words: ['not-said' => 'waterstop: not said', 'no' => 'no waterstop', 'yes' => 'waterstop in the joint'],
        )]
        public Done $waterstop = Done::NotSaid,
        #[Size(
            'under the floor',
            words: ['not-said' => 'under the floor: not said', 'no' => 'not under the floor', 'yes' => 'waterproofing under the floor'],
        )]
        public Done $underFloor = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
