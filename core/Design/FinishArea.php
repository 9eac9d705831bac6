<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** A part of the floor that ends in something else than the rest of it. */
final readonly class FinishArea
{
    use Remade;

    /** @param  float  $area  m² */
    public function __construct(
        #[Size('kind')]
        public FloorFinish $kind = FloorFinish::Tiles,
        #[Size('area', key: 'area_m2', quantity: Quantity::Area)]
        public float $area = 10.0,
    ) {}
}
