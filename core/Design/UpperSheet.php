<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Stock;
use Ondergrond\Units\Quantity;

/** The second sheet, between the board on the slab and the screed. A thickness of 0 means there is none. */
final readonly class UpperSheet implements DesignPart
{
    use Remade;

    public function __construct(
        #[Size('thickness', quantity: Quantity::SheetThickness, sold: Stock::Sheets)]
        public float $thickness,
    ) {}

    public function present(): bool
    {
        return $this->thickness > 0.0;
    }
}
