<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Part;
use Ondergrond\Material\Material;

/** How much of one material a part takes, without waste. */
final readonly class Item
{
    /** @param  float  $area  m² */
    public function __construct(
        public Part $part,
        public Material $material,
        public float $area,
        public float $thickness,
    ) {}

    /** m³. */
    public function volume(): float
    {
        return $this->area * $this->thickness;
    }
}
