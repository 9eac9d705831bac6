<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Units\Quantity;

/** A permanent foam form (ICF): two faces held together by webs, with the stem as its core. */
final readonly class Form implements DesignPart
{
    use Remade;

    /** λ of the webs' plastic, W/(m·K): polypropylene, ISO 10456:2007, table 3 (from memory). */
    public const WEB = 0.22;

    public Material $material;

    /**
     * @param  Material|string  $material  of the faces, or its slug in the catalogue
     * @param  float  $inside  thickness of the inner face, m
     * @param  float  $outside  thickness of the outer face, m
     * @param  float  $webSpacing  between webs along the wall, m
     * @param  float  $course  height of one course of blocks, m
     * @param  float  $joints  between upright joints of one course and the next, m
     * @param  Done  $tied  the first two courses, which lock the wall
     * @param  float  $ledge  how far a ledge for brick stands out, m; 0: none
     * @param  float  $ledgeHeight  of the ledge's top over the ground, m
     * @param  float  $webThickness  of a web where it passes through the foam, as if it were solid over its height, m
     */
    public function __construct(
        #[Size('material')]
        Material|string $material,
        #[Size('inner face', key: 'inside_m', sold: new Steps(0.3, 5, 0.125))]
        public float $inside,
        #[Size('outer face', key: 'outside_m', sold: new Steps(0.3, 5, 0.125))]
        public float $outside,
        #[Size('starts')]
        public FormStart $starts = FormStart::Footing,
        #[Size('webs apart')]
        public float $webSpacing = 0.2,
        #[Size('web thickness', quantity: Quantity::SheetThickness)]
        public float $webThickness = 0.002,
        #[Size('courses', sold: new Steps(0.7, 50, 2))]
        public float $course = 0.4064,
        #[Size('joints apart', sold: new Steps(1.0, 50, 2))]
        public float $joints = 0.4,
        #[Size('first two courses', words: ['not-said' => 'not said', 'no' => 'loose', 'yes' => 'glued to the footing and tied'])]
        public Done $tied = Done::NotSaid,
        #[Size('brick ledge', sold: new Steps(0.2, 10, 0.5))]
        public float $ledge = 0.0,
        #[Size('ledge over the ground', sold: new Steps(1.0, 50, 2))]
        public float $ledgeHeight = 0.15,
    ) {
        $this->material = is_string($material) ? Catalogue::get($material) : $material;
    }

    public function present(): bool
    {
        return $this->inside > 0.0 || $this->outside > 0.0;
    }

    /** Share of the face that is web. */
    public function webShare(): float
    {
        return min(1.0, $this->webThickness / $this->webSpacing);
    }

    /**
     * The faces' foam with its webs, as one material: λ by share of area (ISO 6946:2017, 6.7.2, the upper limit, so
     * on the safe side). The webs end at the core and are not carried through it.
     */
    public function faces(): Material
    {
        $share = $this->webShare();

        return $this->material->conducting((1 - $share) * $this->material->conductivity + $share * self::WEB);
    }

    public function inner(): Layer
    {
        return Layer::of($this->faces(), $this->inside);
    }

    public function outer(): Layer
    {
        return Layer::of($this->faces(), $this->outside);
    }
}
