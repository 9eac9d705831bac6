<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;
use Ondergrond\Units\Quantity;

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
     * @param  float  $innerStep  how much higher the inner leaf's course lies than the outer's, m
     */
    public function __construct(
        #[Size('thickness', quantity: Quantity::SheetThickness, sold: Stock::Sheets)]
        public float $thickness,
        #[Size('above ground', sold: new Steps(1.0, 10, 0.5))]
        public float $heightAboveGrade,
        #[Size('kind')]
        public DpcKind $kind = DpcKind::NotSaid,
        #[Size('laps', sold: new Steps(1.0, 50, 2))]
        public float $lap = 0.0,
        #[Size(
            'joined to the sheet',
            words: ['not-said' => 'to the sheet: not said', 'no' => 'not joined to the sheet', 'yes' => 'joined to the sheet'],
        )]
        public Done $joined = Done::NotSaid,
        #[Size('up the jambs', words: ['not-said' => 'jambs: not said', 'no' => 'not up the jambs', 'yes' => 'up the jambs'])]
        public Done $jambs = Done::NotSaid,
        #[Size(
            'tray across the cavity',
            words: ['not-said' => 'tray: not said', 'no' => 'no tray in the cavity', 'yes' => 'tray across the cavity'],
        )]
        public Done $tray = Done::NotSaid,
        #[Size('inner leaf’s higher by', sold: new Steps(0.3, 25, 1))]
        public float $innerStep = 0.0,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
