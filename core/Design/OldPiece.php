<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Units\Quantity;

/** One thing that stood there and is taken out. */
final readonly class OldPiece
{
    use Remade;

    public Material $material;

    /**
     * @param  OldKind  $what  it was
     * @param  Material|string  $material  or its slug in the catalogue
     * @param  float  $thickness  m
     * @param  float  $area  m²
     */
    public function __construct(
        #[Size('what')]
        public OldKind $what = OldKind::Slab,
        #[Size('material')]
        Material|string $material = 'concrete',
        #[Size('thickness', sold: new Steps(0.5, 10, 0.5))]
        public float $thickness = 0.1,
        #[Size('area', key: 'area_m2', quantity: Quantity::Area)]
        public float $area = 10.0,
    ) {
        $this->material = is_string($material) ? Catalogue::get($material) : $material;
    }

    /** m³, as it lies. */
    public function volume(): float
    {
        return $this->thickness * $this->area;
    }

    /** kg. */
    public function mass(): float
    {
        return $this->volume() * $this->material->density;
    }
}
