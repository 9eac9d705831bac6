<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;
use Ondergrond\Units\Quantity;

/** The metal over the top of the outside board, sealed to the concrete, seen above ground. A thickness of 0 means there is none. */
final readonly class Shield implements DesignPart
{
    use Remade;

    /**
     * @param  float  $drip  how far it stands out past the board, m
     * @param  float  $strip  of wall left without foam below the sill, in which tunnels are seen, m; 0: none
     */
    public function __construct(
        #[Size('thickness', quantity: Quantity::SheetThickness, sold: Stock::Sheets)]
        public float $thickness,
        #[Size('stands out')]
        public float $drip,
        #[Size('bare strip below the sill', sold: new Steps(0.3, 10, 0.5))]
        public float $strip = 0.0,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
