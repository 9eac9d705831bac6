<?php

declare(strict_types=1);

namespace Ondergrond\Design;

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
        public float $thickness,
        public float $topAboveGrade,
        public MembraneKind $kind = MembraneKind::NotSaid,
        public float $lap = 0.0,
        public Done $waterstop = Done::NotSaid,
        public Done $underFloor = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
