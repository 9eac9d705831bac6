<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The vapour barrier under the slab, turned up at the edge to the slab's top. */
final readonly class Sheet implements DesignPart
{
    use Remade;

    /**
     * @param  float  $thickness  m
     * @param  float  $lap  of its lengths over each other, m; 0: not said
     */
    public function __construct(
        public float $thickness,
        public SheetPosition $position,
        public float $lap = 0.0,
        public SheetJoints $joints = SheetJoints::NotSaid,
        public SheetEdge $edge = SheetEdge::TurnedUp,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
