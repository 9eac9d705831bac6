<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The damp-proof course across the wall, joined to the floor's sheet. A thickness of 0 means there is none. */
final readonly class Dpc implements DesignPart
{
    use Remade;

    /**
     * @param  float  $thickness  m
     * @param  float  $heightAboveGrade  m
     * @param  float  $lap  of its lengths over each other, m; 0: not said
     * @param  Done  $joined  to the floor's sheet
     * @param  Done  $jambs  taken up at the sides of openings
     * @param  Done  $tray  across the cavity, stepping down outward
     */
    public function __construct(
        public float $thickness,
        public float $heightAboveGrade,
        public DpcKind $kind = DpcKind::NotSaid,
        public float $lap = 0.0,
        public Done $joined = Done::NotSaid,
        public Done $jambs = Done::NotSaid,
        public Done $tray = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
